import { ballsOfPlayer } from '@/data/balls';
import { data } from '@/app/data';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/** The latest balls of a player over all lessons, each with the station that it was hit from. */
export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { sql } = await data();
  return Response.json(await ballsOfPlayer(sql, (await params).id));
}
