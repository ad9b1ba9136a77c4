import { readSceneResult } from '@/core/lesson/eye/answer';
import { accountAsking, data } from '@/app/data';
import { addOwnEyeResult } from '@/data/eye';
import { withJson } from '../../respond';

export const dynamic = 'force-dynamic';

/** Saves a scene that whoever asks answered for themselves; one that was sent before is saved once. */
export function POST(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const result = readSceneResult(body);
    const { sql } = await data();
    await addOwnEyeResult(sql, await accountAsking(), result);
    return Response.json({ saved: result.id });
  });
}
