import { readTest } from '@/core/lesson/bunkerTest/test';
import { saveTest, setTestDeleted, testById } from '@/data/bunkerTests';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { notFound, whenDone, withJson, noUuid } from '../../respond';
import type { IdContext } from '../../idContext';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const test = isId(id) ? await testById(sql, id) : null;
  return test ? Response.json(test) : notFound();
}

/** Saves a test as far as it is hit. */
export function PUT(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const test = readTest(body);
    const { id } = await params;
    if (!isId(id)) return noUuid();
    const { sql } = await data();
    await saveTest(sql, id, test);
    return Response.json(await testById(sql, id));
  });
}

export function DELETE(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && setTestDeleted(sql, id, true);
  });
}
