import { data } from '@/app/data';
import { isId } from '@/data/id';
import { lessonById, setLessonDeleted } from '@/data/lessons';
import { notFound, withFaults } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

export function POST(_request: Request, { params }: IdContext): Promise<Response> {
  return withFaults(async () => {
    const { id } = await params;
    const { sql } = await data();
    if (!isId(id) || !(await setLessonDeleted(sql, id, false))) return notFound();
    return Response.json(await lessonById(sql, id));
  });
}
