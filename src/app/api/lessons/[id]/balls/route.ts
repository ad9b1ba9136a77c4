import { readBalls } from '@/core/lesson/balls/ball';
import { addBalls, ballsOfLesson, ballsTouched } from '@/data/balls';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { admitting } from '../../../admitting';
import { notFound, withFaults, withJson } from '../../../respond';
import { wholeNumber } from '../../../wholeNumber';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/**
 * The balls of a lesson; with `after` those that came later than a ball's `seq`; with `touched_after` what was logged, changed or taken
 * away since a ball's `touched`.
 */
export const GET = admitting((request, { params }: IdContext) =>
  withFaults(async () => {
    const { id } = await params;
    if (!isId(id)) return notFound();
    const query = new URL(request.url).searchParams;
    const after = wholeNumber(query, 'after');
    const touched = wholeNumber(query, 'touched_after');
    const { sql } = await data();
    return Response.json(
      touched === undefined
        ? await ballsOfLesson(sql, id, after ?? 0)
        : await ballsTouched(sql, id, touched),
    );
  }),
);

/** Saves balls and acknowledges them by their ids; what was sent before is acknowledged again and saved once. */
export const POST = admitting((request, { params }: IdContext) =>
  withJson(request, async (body) => {
    const balls = readBalls(body);
    const { id } = await params;
    if (!isId(id)) return notFound();
    const { sql } = await data();
    const saved = await addBalls(sql, id, balls);
    return saved ? Response.json({ saved }) : notFound();
  }),
);
