import { data } from '@/app/data';
import { importLesson } from '@/data/lessons';
import { inThread } from '@/workers/server/pool';
import { MOST } from '../../bounds';
import { withText } from '../../respond';

export const dynamic = 'force-dynamic';

/** Takes a lesson's file; a lesson or ball that is there already is not taken twice. */
export function POST(request: Request): Promise<Response> {
  return withText(request, MOST.lesson, async (text) => {
    const file = await inThread('readLesson', text);
    const { sql } = await data();
    return Response.json(await importLesson(sql, file));
  });
}
