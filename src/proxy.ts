import { NextResponse, type NextRequest } from 'next/server';
import { refusalOf } from '@/app/guard';

/** Stands before every page and route: nothing is answered that a page elsewhere on the web asked for. */
export function proxy({ method, headers, nextUrl }: NextRequest): Response {
  const served = process.env.MELLOW_HOST || undefined;
  const refusal = refusalOf({ method, path: nextUrl.pathname, headers }, served);
  if (refusal === null) return NextResponse.next();
  return Response.json({ error: [{ path: 'request', message: refusal }] }, { status: 403 });
}

/** Scripts and styles are the same for everybody. */
export const config = { matcher: ['/((?!_next/static).*)'] };
