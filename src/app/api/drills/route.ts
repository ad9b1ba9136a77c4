import { data } from '@/app/data';
import { listDrills } from '@/app/drills';

export const dynamic = 'force-dynamic';

/** All drills: the library's, changed ones and own ones, those that are archived too. */
export async function GET(): Promise<Response> {
  const { sql } = await data();
  return Response.json(await listDrills(sql));
}
