import { readBalls } from '@/core/lesson/balls/ball';
import { addBalls, ballsOfLesson, ballsTouched } from '@/data/balls';
import { database } from '@/data/database';
import { isId } from '@/data/id';
import { notFound, refuse, withJson } from '../../../respond';
import type { LessonContext } from '../context';

export const dynamic = 'force-dynamic';

/** A whole number of the query; 0 when it is absent, null when it is none. */
function wholeIn(request: Request, name: string): number | null {
  const said = new URL(request.url).searchParams.get(name) ?? '0';
  return /^\d{1,15}$/.test(said) ? Number(said) : null;
}

/**
 * The balls of a lesson; with `after` those that came later than a ball's `seq`; with `touched_after` what was logged, changed or taken
 * away since a ball's `touched`.
 */
export async function GET(request: Request, { params }: LessonContext): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound();
  for (const path of ['after', 'touched_after']) {
    if (wholeIn(request, path) === null) {
      return refuse(400, [{ path, message: 'must be a whole number' }]);
    }
  }
  const { sql } = await database();
  if (new URL(request.url).searchParams.has('touched_after')) {
    return Response.json(await ballsTouched(sql, id, wholeIn(request, 'touched_after')!));
  }
  return Response.json(await ballsOfLesson(sql, id, wholeIn(request, 'after')!));
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
