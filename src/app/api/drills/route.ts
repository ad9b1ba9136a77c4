import { data } from '@/app/data';
import { storedDrills } from '@/data/drills';
import { drillsWith } from '@/core/tell/drills/libraryWords';

export const dynamic = 'force-dynamic';

/** All drills: the library's, changed ones and own ones, those that are archived too. */
export async function GET(): Promise<Response> {
  const { sql } = await data();
  return Response.json(drillsWith(await storedDrills(sql)));
}
