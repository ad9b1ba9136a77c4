import { database } from '@/data/database';
import { isId } from '@/data/id';
import { lessonById, setLessonDeleted } from '@/data/lessons';
import { notFound } from '../../../respond';
import type { LessonContext } from '../context';

export const dynamic = 'force-dynamic';

export async function POST(_request: Request, { params }: LessonContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await database();
  if (!isId(id) || !(await setLessonDeleted(sql, id, false))) return notFound();
  return Response.json(await lessonById(sql, id));
}
