import { fact } from '@/core/ground/fact/fact';
import { readEyeResult } from '@/core/lesson/eye/answer';
import { data } from '@/app/data';
import { addEyeResult } from '@/data/eye';
import { refuse, withJson } from '../respond';

export const dynamic = 'force-dynamic';

/** Saves a scene that was answered; one that was sent before is saved once. */
export function POST(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const result = readEyeResult(body);
    const { sql } = await data();
    if (await addEyeResult(sql, result)) return Response.json({ saved: result.id });
    return refuse(400, [
      {
        path: 'player',
        message: fact('kept.noPlayer', { player: result.player }),
      },
    ]);
  });
}
