import { readResults } from '@/core/lesson/homework/result';
import { data } from '@/app/data';
import { addResults, homeworkById } from '@/data/homework';
import { isId } from '@/data/id';
import { latestToday } from '../../../../today';
import { notFound, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/** Saves how drills went; what was sent before is saved once. */
export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const results = readResults(body, latestToday());
    const { id } = await params;
    const { sql } = await data();
    if (!isId(id) || !(await addResults(sql, id, results))) return notFound();
    return Response.json(await homeworkById(sql, id));
  });
}
