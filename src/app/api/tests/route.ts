import { data } from '@/app/data';
import { listTests } from '@/data/bunkerTests';

export const dynamic = 'force-dynamic';

/** Bunker tests of everybody, or of one `player`. */
export async function GET(request: Request): Promise<Response> {
  const player = new URL(request.url).searchParams.get('player') ?? undefined;
  const { sql } = await data();
  return Response.json(await listTests(sql, player));
}
