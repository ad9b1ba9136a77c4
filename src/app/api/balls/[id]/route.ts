import { readBallChange } from '@/core/lesson/balls/ball';
import { changeBall, ChangedElsewhere } from '@/data/balls';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { notFound, refuse, withJson } from '../../respond';
import type { IdContext } from '../../idContext';

export const dynamic = 'force-dynamic';

/** Changes a ball; with `touched` only as it was read then: 409 where another device has changed it since. */
export function PATCH(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const change = readBallChange(body);
    const { id } = await params;
    const said = new URL(request.url).searchParams.get('touched');
    if (said !== null && !/^\d{1,15}$/.test(said)) {
      const message = `must be a whole number, not ${JSON.stringify(said.slice(0, 40))}`;
      return refuse(400, [{ path: 'touched', message }]);
    }
    const { sql } = await data();
    try {
      const from = said === null ? undefined : Number(said);
      const ball = isId(id) ? await changeBall(sql, id, change, from) : null;
      return ball ? Response.json(ball) : notFound();
    } catch (error) {
      if (!(error instanceof ChangedElsewhere)) throw error;
      return refuse(409, [{ path: 'ball', message: error.message }]);
    }
  });
}
