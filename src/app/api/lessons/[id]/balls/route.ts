import { readBalls } from '@/core/lesson/balls/ball';
import { addBalls, ballsOfLesson } from '@/data/balls';
import { database } from '@/data/database';
import { isId } from '@/data/id';
import { notFound, refuse, withJson } from '../../../respond';
import type { LessonContext } from '../context';

export const dynamic = 'force-dynamic';

/** The balls of a lesson; with `after` those that came later than a ball's `seq`. */
export async function GET(request: Request, { params }: LessonContext): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound();
  const said = new URL(request.url).searchParams.get('after') ?? '0';
  if (!/^\d{1,15}$/.test(said)) {
    return refuse(400, [{ path: 'after', message: `must be a whole number, not "${said}"` }]);
  }
  const { sql } = await database();
  return Response.json(await ballsOfLesson(sql, id, Number(said)));
}

/** Saves balls and acknowledges them by their ids; what was sent before is acknowledged again and saved once. */
export function POST(request: Request, { params }: LessonContext): Promise<Response> {
  return withJson(request, async (body) => {
    const balls = readBalls(body);
    const { id } = await params;
    if (!isId(id)) return notFound();
    const { sql } = await database();
    const saved = await addBalls(sql, id, balls);
    return saved ? Response.json({ saved }) : notFound();
  });
}
