import { NextResponse, type NextRequest } from 'next/server';
import { addressFault, refusalOf } from '@/app/guard';
import { contentPolicy, headersFor } from '@/app/headers';

/** Stands before every page and route: nothing is answered that a page elsewhere on the web asked for, and every answer says by whom it may be used. */
export function proxy({ method, headers, nextUrl }: NextRequest): Response {
  const { pathname, search } = nextUrl;
  const policy = contentPolicy(btoa(crypto.randomUUID()));
  const said = headersFor(pathname, policy);
  const served = process.env.MELLOW_HOST || undefined;
  const refused = (status: number, message: string): Response =>
    Response.json({ error: [{ path: 'request', message }] }, { status, headers: said });
  const refusal = refusalOf({ method, path: pathname, headers }, served);
  if (refusal !== null) return refused(403, refusal);
  const fault = addressFault(pathname + search);
  if (fault !== null) return refused(400, fault);
  // The page's own scripts are given the nonce of the policy that its request carries.
  const inside = new Headers(headers);
  inside.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers: inside } });
  for (const [name, value] of Object.entries(said)) response.headers.set(name, value);
  return response;
}

/** Scripts and styles are the same for everybody. */
export const config = { matcher: ['/((?!_next/static).*)'] };
