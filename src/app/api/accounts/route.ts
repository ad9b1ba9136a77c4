import { readNewAccount } from '@/core/lesson/coaches/account';
import { accountAsking, wholeData } from '@/app/data';
import { addAccount, listAccounts } from '@/data/access/accounts';
import { withFaults, withJson } from '../respond';

export const dynamic = 'force-dynamic';

/** Who may sign in. */
export const GET = (): Promise<Response> =>
  withFaults(async () => Response.json(await listAccounts((await wholeData()).sql)));

/** Adds somebody who may sign in. */
export const POST = (request: Request): Promise<Response> =>
  withJson(request, async (body) => {
    const account = readNewAccount(body);
    const { sql } = await wholeData();
    const id = await addAccount(sql, account, await accountAsking());
    return Response.json({ id }, { status: 201 });
  });
