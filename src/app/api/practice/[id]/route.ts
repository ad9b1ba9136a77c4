import { readHomework } from '@/core/lesson/homework/plan';
import { data } from '@/app/data';
import { homeworkById, saveHomework, setHomeworkDeleted } from '@/data/homework';
import { isId } from '@/data/id';
import { earliestToday } from '../../../today';
import { notFound, whenDone, withJson, noUuid } from '../../respond';
import type { IdContext } from '../../idContext';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const homework = isId(id) ? await homeworkById(sql, id) : null;
  return homework ? Response.json(homework) : notFound();
}

/** Saves practice: new practice may not begin in the past. */
export function PUT(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const { id } = await params;
    if (!isId(id)) return noUuid();
    const { sql } = await data();
    const stands = await homeworkById(sql, id);
    await saveHomework(sql, id, readHomework(body, stands ? undefined : earliestToday()));
    return Response.json(await homeworkById(sql, id));
  });
}

export function DELETE(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && setHomeworkDeleted(sql, id, true);
  });
}
