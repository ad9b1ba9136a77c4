import { readPlayerRecord } from '@/core/lesson/players/record';
import { data } from '@/app/data';
import { markPlayer, playerById, updatePlayer } from '@/data/players';
import { notFound, whenDone, withJson } from '../../respond';
import type { IdContext } from '../../idContext';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { sql } = await data();
  const player = await playerById(sql, (await params).id);
  return player ? Response.json(player) : notFound();
}

export function PUT(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const record = readPlayerRecord(body);
    const { id } = await params;
    const { sql } = await data();
    if (!(await updatePlayer(sql, id, record))) return notFound();
    return Response.json(await playerById(sql, id));
  });
}

export function DELETE(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { sql } = await data();
    return markPlayer(sql, (await params).id, 'deleted', true);
  });
}
