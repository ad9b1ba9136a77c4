import { readClosing } from '@/core/lesson/plan/lesson';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { closeLesson, lessonById } from '@/data/lessons';
import { notFound, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const closing = readClosing(body);
    const { id } = await params;
    const { sql } = await data();
    if (!isId(id) || !(await closeLesson(sql, id, closing))) return notFound();
    return Response.json(await lessonById(sql, id));
  });
}
