import { readHouse } from '@/core/lesson/players/house';
import { writeAcademy } from '@/data/academy';
import { academyIn } from '@/app/house';
import { data } from '@/app/data';
import { withJson } from '../respond';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  const { sql } = await data();
  return Response.json(await academyIn(sql));
}

export function PUT(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const house = readHouse(body);
    const { sql } = await data();
    await writeAcademy(sql, house);
    return Response.json(house);
  });
}
