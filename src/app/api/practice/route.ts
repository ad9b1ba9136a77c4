import { data } from '@/app/data';
import { listHomework } from '@/data/homework';

export const dynamic = 'force-dynamic';

/** Practice of everybody, or of one `player`. */
export async function GET(request: Request): Promise<Response> {
  const player = new URL(request.url).searchParams.get('player') ?? undefined;
  const { sql } = await data();
  return Response.json(await listHomework(sql, player));
}
