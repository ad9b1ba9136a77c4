import { database } from '@/data/database';
import { listDrills } from '@/data/drills';

export const dynamic = 'force-dynamic';

/** All drills: the library's, changed ones and own ones, those that are archived too. */
export async function GET(): Promise<Response> {
  const { sql } = await database();
  return Response.json(await listDrills(sql));
}
