import { readPlayerRecord } from '@/core/lesson/players/record';
import { database } from '@/data/database';
import { newPlayerId } from '@/data/newId';
import { addPlayers, listPlayers, playerById } from '@/data/players';
import { withJson, withFaults } from '../respond';
import { playerQuery } from './playerQuery';

export const dynamic = 'force-dynamic';

export function GET(request: Request): Promise<Response> {
  return withFaults(async () => {
    const query = playerQuery(new URL(request.url).searchParams);
    const { sql } = await database();
    return Response.json(await listPlayers(sql, query));
  });
}

export function POST(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const record = readPlayerRecord(body);
    const { sql } = await database();
    const id = newPlayerId();
    await addPlayers(sql, [{ id, ...record }]);
    return Response.json(await playerById(sql, id), { status: 201 });
  });
}
