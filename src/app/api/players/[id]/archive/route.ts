import { readArchiveRequest } from '@/core/lesson/players/requests';
import { data } from '@/app/data';
import { markPlayer, playerById } from '@/data/players';
import { notFound, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const { archived } = readArchiveRequest(body);
    const { id } = await params;
    const { sql } = await data();
    if (!(await markPlayer(sql, id, 'archived', archived))) return notFound();
    return Response.json(await playerById(sql, id));
  });
}
