import { readHold } from '@/core/lesson/learning/decision';
import { data } from '@/app/data';
import { holdLearning } from '@/data/learnings';
import { notFound, withJson } from '../../../../respond';
import type { IdContext } from '../../../../idContext';

export const dynamic = 'force-dynamic';

/** Keeps what calls use now. */
export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const { balls } = readHold(body);
    const { sql } = await data();
    const done = await holdLearning(sql, (await params).id, balls);
    return done ? new Response(null, { status: 204 }) : notFound();
  });
}
