import { readPlayerRecord } from '@/core/lesson/players/record';
import { data } from '@/app/data';
import { newPlayerId } from '@/data/newId';
import { addPlayers, listPlayers, playerById } from '@/data/players';
import { withJson, withFaults } from '../respond';
import { playerQuery } from './playerQuery';

export const dynamic = 'force-dynamic';

export function GET(request: Request): Promise<Response> {
  return withFaults(async () => {
    const query = playerQuery(new URL(request.url).searchParams);
    const { sql } = await data();
    return Response.json(await listPlayers(sql, query));
  });
}

export function POST(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const record = readPlayerRecord(body);
    const { sql } = await data();
    const id = newPlayerId();
    await addPlayers(sql, [{ id, ...record }]);
    return Response.json(await playerById(sql, id), { status: 201 });
  });
}
