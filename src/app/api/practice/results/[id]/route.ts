import { data } from '@/app/data';
import { setResultDeleted } from '@/data/homework';
import { isId } from '@/data/id';
import type { IdContext } from '../../../idContext';
import { whenDone } from '../../../respond';

export const dynamic = 'force-dynamic';

export function DELETE(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && setResultDeleted(sql, id, true);
  });
}
