import { readLessonPlan } from '@/core/lesson/plan/lesson';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { lessonById, saveLesson, setLessonDeleted } from '@/data/lessons';
import { notFound, whenDone, withJson, noUuid } from '../../respond';
import type { IdContext } from '../../idContext';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const lesson = isId(id) ? await lessonById(sql, id) : null;
  return lesson ? Response.json(lesson) : notFound();
}

/** Saves a plan; with `from`, the version that it was changed from, 409 where another stands there. */
export function PUT(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const plan = readLessonPlan(body);
    const { id } = await params;
    if (!isId(id)) return noUuid();
    const { sql } = await data();
    const from = new URL(request.url).searchParams.get('from') ?? undefined;
    await saveLesson(sql, id, plan, from);
    return Response.json(await lessonById(sql, id));
  });
}

export function DELETE(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && setLessonDeleted(sql, id, true);
  });
}
