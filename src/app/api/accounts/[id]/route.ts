import { readAccount } from '@/core/lesson/coaches/account';
import { accountAsking, wholeData } from '@/app/data';
import { changeAccount, endAccount } from '@/data/access/accounts';
import { isId } from '@/data/id';
import type { IdContext } from '../../idContext';
import { notFound, whenDone, withJson } from '../../respond';

export const dynamic = 'force-dynamic';

/** Changes name, sign-in name and role of an account. */
export const PUT = (request: Request, { params }: IdContext): Promise<Response> =>
  withJson(request, async (body) => {
    const account = readAccount(body);
    const { id } = await params;
    if (!isId(id)) return notFound();
    const { sql } = await wholeData();
    const changed = await changeAccount(sql, id, account, await accountAsking());
    return changed ? new Response(null, { status: 204 }) : notFound();
  });

/** Ends an account. */
export const DELETE = (_request: Request, { params }: IdContext): Promise<Response> =>
  whenDone(async () => {
    const { id } = await params;
    const { sql } = await wholeData();
    return isId(id) && endAccount(sql, id, await accountAsking());
  });
