import { readPassphrase } from '@/core/lesson/coaches/account';
import { asking, wholeData } from '@/app/data';
import { changePassphrase, signInOf } from '@/data/access/accounts';
import { isId } from '@/data/id';
import type { IdContext } from '../../../idContext';
import { notFound, withJson } from '../../../respond';

export const dynamic = 'force-dynamic';

/** Gives an account another passphrase; browsers that are signed in with it are signed out, but the one that asks. */
export const PUT = (request: Request, { params }: IdContext): Promise<Response> =>
  withJson(request, async (body) => {
    const { id } = await params;
    const { sql } = await wholeData();
    const signIn = isId(id) ? await signInOf(sql, id) : null;
    if (signIn === null) return notFound();
    const passphrase = readPassphrase(body, signIn);
    const who = await asking();
    const session = who && who.role !== 'player' ? who : null;
    await changePassphrase(sql, id, passphrase, session?.account ?? null, session?.id ?? null);
    return new Response(null, { status: 204 });
  });
