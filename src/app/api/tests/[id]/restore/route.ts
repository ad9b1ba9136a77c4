import { setTestDeleted } from '@/data/bunkerTests';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { whenDone } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

export function POST(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && setTestDeleted(sql, id, false);
  });
}
