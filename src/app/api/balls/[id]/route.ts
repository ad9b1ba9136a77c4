import { readBallChange } from '@/core/lesson/balls/ball';
import { changeBall } from '@/data/balls';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { notFound, withJson } from '../../respond';
import type { IdContext } from '../../idContext';

export const dynamic = 'force-dynamic';

export function PATCH(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const change = readBallChange(body);
    const { id } = await params;
    const { sql } = await data();
    const ball = isId(id) ? await changeBall(sql, id, change) : null;
    return ball ? Response.json(ball) : notFound();
  });
}
