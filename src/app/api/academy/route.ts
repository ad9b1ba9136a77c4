import { readHouse } from '@/core/lesson/players/house';
import { readAcademy, writeAcademy } from '@/data/academy';
import { database } from '@/data/database';
import { withJson } from '../respond';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  const { sql } = await database();
  return Response.json(await readAcademy(sql));
}

export function PUT(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const house = readHouse(body);
    const { sql } = await database();
    await writeAcademy(sql, house);
    return Response.json(house);
  });
}
