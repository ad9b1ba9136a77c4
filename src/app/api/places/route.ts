import { database } from '@/data/database';
import { listPlaces } from '@/data/places';

export const dynamic = 'force-dynamic';

/** All places. */
export async function GET(): Promise<Response> {
  const { sql } = await database();
  return Response.json(await listPlaces(sql));
}
