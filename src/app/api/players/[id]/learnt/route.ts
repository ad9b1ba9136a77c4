import { check } from '@/core/contract/check/fault';
import { learntSchema } from '@/core/contract/shot/player';
import { data } from '@/app/data';
import { acceptLearning, learningDecisions, resetLearning } from '@/data/learnings';
import { notFound, whenDone, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/** What was decided about the learnings of a player, latest first. */
export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { sql } = await data();
  return Response.json(await learningDecisions(sql, (await params).id));
}

/** Accepts what was learnt as the next version; the version that is sent is not looked at. */
export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const { version: _version, ...factors } = check(learntSchema, body);
    const { sql } = await data();
    const learnt = await acceptLearning(sql, (await params).id, factors);
    return learnt ? Response.json(learnt) : notFound();
  });
}

export function DELETE(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { sql } = await data();
    return resetLearning(sql, (await params).id);
  });
}
