import { data } from '@/app/data';
import { isId } from '@/data/id';
import { readingById, setReadingDeleted } from '@/data/readings';
import { notFound, whenDone } from '../../respond';

export const dynamic = 'force-dynamic';

interface Context {
  params: Promise<{ id: string }>;
}

export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const reading = isId(id) ? await readingById(sql, id) : null;
  return reading ? Response.json(reading) : notFound();
}

export function DELETE(_request: Request, { params }: Context): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && setReadingDeleted(sql, id, true);
  });
}
