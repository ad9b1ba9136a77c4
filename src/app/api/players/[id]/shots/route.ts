import { readGrassShots } from '@/core/lesson/players/requests';
import { data } from '@/app/data';
import { addGrassShots, listGrassShots } from '@/data/grassShots';
import { notFound, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { sql } = await data();
  return Response.json(await listGrassShots(sql, (await params).id));
}

export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const shots = readGrassShots(body);
    const { id } = await params;
    const { sql } = await data();
    if (!(await addGrassShots(sql, id, shots))) return notFound();
    return Response.json(await listGrassShots(sql, id), { status: 201 });
  });
}
