import { database } from '@/data/database';
import { erasePlayer } from '@/data/erase';
import { notFound } from '../../../respond';
import type { PlayerContext } from '../context';

export const dynamic = 'force-dynamic';

/** Takes everything about a player away for good: there is no way back from this. */
export async function POST(_request: Request, { params }: PlayerContext): Promise<Response> {
  const { sql } = await database();
  const done = await erasePlayer(sql, (await params).id);
  return done ? new Response(null, { status: 204 }) : notFound();
}
