import { accountAsking, wholeData } from '@/app/data';
import { endSession } from '@/data/access/sessions';
import { isId } from '@/data/id';
import type { IdContext } from '../../idContext';
import { whenDone } from '../../respond';

export const dynamic = 'force-dynamic';

/** Signs a browser out. */
export const DELETE = (_request: Request, { params }: IdContext): Promise<Response> =>
  whenDone(async () => {
    const { id } = await params;
    const { sql } = await wholeData();
    return isId(id) && endSession(sql, id, await accountAsking());
  });
