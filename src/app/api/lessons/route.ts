import { database } from '@/data/database';
import { listLessons } from '@/data/lessons';

export const dynamic = 'force-dynamic';

export async function GET(request: Request): Promise<Response> {
  const player = new URL(request.url).searchParams.get('player') ?? undefined;
  const { sql } = await database();
  return Response.json(await listLessons(sql, player));
}
