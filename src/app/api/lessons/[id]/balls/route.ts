import { readBalls } from '@/core/lesson/balls/ball';
import { addBalls, ballsOfLesson, ballsTouched } from '@/data/balls';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { notFound, refuse, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/**
 * The balls of a lesson; with `after` those that came later than a ball's `seq`; with `touched_after` what was logged, changed or taken
 * away since a ball's `touched`.
 */
export async function GET(request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound();
  const query = new URL(request.url).searchParams;
  for (const path of ['after', 'touched_after']) {
    const said = query.get(path) ?? '0';
    if (!/^\d{1,15}$/.test(said)) {
      return refuse(400, [{ path, message: `must be a whole number, not "${said}"` }]);
    }
  }
  const { sql } = await data();
  const touched = query.get('touched_after');
  return Response.json(
    touched === null
      ? await ballsOfLesson(sql, id, Number(query.get('after') ?? 0))
      : await ballsTouched(sql, id, Number(touched)),
  );
}

/** Saves balls and acknowledges them by their ids; what was sent before is acknowledged again and saved once. */
export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const balls = readBalls(body);
    const { id } = await params;
    if (!isId(id)) return notFound();
    const { sql } = await data();
    const saved = await addBalls(sql, id, balls);
    return saved ? Response.json({ saved }) : notFound();
  });
}
