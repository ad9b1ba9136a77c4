import { data } from '@/app/data';
import { listLessons } from '@/data/lessons';

export const dynamic = 'force-dynamic';

export async function GET(request: Request): Promise<Response> {
  const player = new URL(request.url).searchParams.get('player') ?? undefined;
  const { sql } = await data();
  return Response.json(await listLessons(sql, player));
}
