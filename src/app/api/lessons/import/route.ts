import { readLessonFile } from '@/core/lesson/exchange/exchange';
import { database } from '@/data/database';
import { importLesson } from '@/data/lessons';
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
    const file = readLessonFile(input);
    const { sql } = await database();
    return Response.json(await importLesson(sql, file));
  });
}
