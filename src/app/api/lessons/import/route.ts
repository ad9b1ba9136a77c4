import { readLessonFile } from '@/core/lesson/exchange';
import { addBalls, ballsOfLesson } from '@/data/balls';
import { database } from '@/data/database';
import { closeLesson, saveLesson } from '@/data/lessons';
import { refuse, withText } from '../../respond';

export const dynamic = 'force-dynamic';

const MOST_BYTES = 24 * 1024 * 1024;

/** Takes a lesson's file; a lesson or ball that is there already is not taken twice. */
export function POST(request: Request): Promise<Response> {
  return withText(request, MOST_BYTES, async (text) => {
    let input: unknown;
    try {
      input = JSON.parse(text);
    } catch {
      return refuse(400, [{ path: 'file', message: 'is not JSON' }]);
    }
    const { id, plan, balls, ...closing } = readLessonFile(input);
    const { sql } = await database();
    const missing = await saveLesson(sql, id, plan);
    if (missing.length > 0) {
      const message = `names players who are not in the roster: ${missing.join(', ')}`;
      return refuse(400, [{ path: 'plan.players', message }]);
    }
    const before = (await ballsOfLesson(sql, id)).length;
    if (balls.length > 0 && !(await addBalls(sql, id, balls))) {
      return refuse(400, [{ path: 'balls', message: 'a ball is of a player not in the lesson' }]);
    }
    await closeLesson(sql, id, closing);
    const after = (await ballsOfLesson(sql, id)).length;
    return Response.json({ id, balls: after, added: after - before });
  });
}
