import { data } from '@/app/data';
import { isId } from '@/data/id';
import { duplicateReading } from '@/data/readings';
import { notFound, withFaults } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

export function POST(_request: Request, { params }: IdContext): Promise<Response> {
  return withFaults(async () => {
    const { id } = await params;
    const { sql } = await data();
    const copy = isId(id) ? await duplicateReading(sql, id) : null;
    return copy ? Response.json(copy, { status: 201 }) : notFound();
  });
}
