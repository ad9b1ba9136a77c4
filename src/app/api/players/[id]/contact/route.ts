import { readContact } from '@/core/lesson/players/contact';
import { contactOf, saveContact } from '@/data/contacts';
import { data } from '@/app/data';
import { notFound, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/** How a player is reached. */
export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { sql } = await data();
  const contact = await contactOf(sql, (await params).id);
  return contact ? Response.json(contact) : notFound();
}

export function PUT(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const contact = readContact(body);
    const { id } = await params;
    const { sql } = await data();
    if (!(await saveContact(sql, id, contact))) return notFound();
    return Response.json(await contactOf(sql, id));
  });
}
