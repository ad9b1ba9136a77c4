import { readResultsCsv } from '@/core/lesson/homework/resultsCsv';
import { data } from '@/app/data';
import { listDrills } from '@/app/drills';
import { addResults, homeworkById } from '@/data/homework';
import { isId } from '@/data/id';
import { v4 as uuid } from 'uuid';
import { latestToday } from '../../../../today';
import { MOST } from '../../../bounds';
import { notFound, withText } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/** Takes results as CSV, all of them or none. */
export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withText(request, MOST.results, async (text) => {
    const { id } = await params;
    const { sql } = await data();
    if (!isId(id)) return notFound();
    const results = readResultsCsv(text, await listDrills(sql), latestToday(), uuid);
    if (!(await addResults(sql, id, results))) return notFound();
    return Response.json({ added: results.length, homework: await homeworkById(sql, id) });
  });
}
