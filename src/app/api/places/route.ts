import { data } from '@/app/data';
import { listPlaces } from '@/data/places';

export const dynamic = 'force-dynamic';

/** All places. */
export async function GET(): Promise<Response> {
  const { sql } = await data();
  return Response.json(await listPlaces(sql));
}
