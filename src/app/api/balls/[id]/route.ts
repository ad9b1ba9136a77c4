import { readBallChange } from '@/core/lesson/balls/ball';
import { changeBall } from '@/data/balls';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { notFound, withJson } from '../../respond';
import { wholeNumber } from '../../wholeNumber';
import type { IdContext } from '../../idContext';

export const dynamic = 'force-dynamic';

/** Changes a ball; with `touched` only as it was read then: 409 where another device has changed it since. */
export function PATCH(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const change = readBallChange(body);
    const { id } = await params;
    const from = wholeNumber(new URL(request.url).searchParams, 'touched');
    const { sql } = await data();
    const ball = isId(id) ? await changeBall(sql, id, change, from) : null;
    return ball ? Response.json(ball) : notFound();
  });
}
