import { NextResponse, type NextRequest } from 'next/server';
import { cookieFor, ENTRANCE, entrancePage, mayPass } from '@/app/entrance';
import { addressFault, refusalOf } from '@/app/guard';
import { contentPolicy, headersFor } from '@/app/headers';

/** A wrong passphrase is answered this late, ms: guessing is slow, one slip is not. */
const WRONG_MS = 800;

/** Longest form that is read where a passphrase is said, bytes. */
const MOST_FORM = 4096;

/** What somebody says at the entrance: in, or asked again. */
async function entered(
  request: NextRequest,
  passphrase: string,
  headers: Record<string, string>,
): Promise<Response> {
  const form = await request.text();
  const said = form.length <= MOST_FORM ? new URLSearchParams(form).get('passphrase') : null;
  const cookie = cookieFor(said ?? '', passphrase);
  if (cookie === null) {
    await new Promise((resolve) => setTimeout(resolve, WRONG_MS));
    return asked(true, headers);
  }
  // By the name by which the browser knows this server, whatever address it listens on.
  const desk = new URL('/', `${request.nextUrl.protocol}//${request.headers.get('host')}`);
  return NextResponse.redirect(desk, {
    status: 303,
    headers: { ...headers, 'set-cookie': cookie },
  });
}

const asked = (wrong: boolean, headers: HeadersInit): Response =>
  new Response(entrancePage(wrong), {
    status: 401,
    headers: {
      ...headers,
      'content-type': 'text/html; charset=utf-8',
      'cache-control': 'no-store',
    },
  });

/**
 * Stands before every page and route: nothing is answered that a page elsewhere on the web asked for, or somebody without the passphrase
 * where there is one, and every answer says by whom it may be used.
 */
export async function proxy(request: NextRequest): Promise<Response> {
  const { method, headers, nextUrl } = request;
  const { pathname, search } = nextUrl;
  const policy = contentPolicy(btoa(crypto.randomUUID()));
  const said = headersFor(pathname, policy);
  const served = process.env.MELLOW_HOST || undefined;
  const passphrase = process.env.MELLOW_PASSPHRASE || undefined;
  const refused = (status: number, message: string): Response =>
    Response.json({ error: [{ path: 'request', message }] }, { status, headers: said });
  const refusal = refusalOf({ method, path: pathname, headers }, served);
  if (refusal !== null) return refused(403, refusal);
  const fault = addressFault(pathname + search);
  if (fault !== null) return refused(400, fault);
  if (passphrase !== undefined && pathname === ENTRANCE && method === 'POST') {
    return entered(request, passphrase, said);
  }
  if (!mayPass(pathname, headers.get('cookie'), passphrase)) {
    if (pathname.startsWith('/api/')) return refused(401, 'the passphrase was not said here yet');
    return asked(false, said);
  }
  // The page's own scripts are given the nonce of the policy that its request carries.
  const inside = new Headers(headers);
  inside.set('content-security-policy', policy);
  return NextResponse.next({ request: { headers: inside }, headers: said });
}

/** Scripts and styles are the same for everybody. */
export const config = { matcher: ['/((?!_next/static).*)'] };
