import { NextResponse, type NextRequest } from 'next/server';
import { admission } from '@/app/admission';
import { ASKING, sealed } from '@/app/viewer';

/** Stands before every page and route but those that stand behind {@link admission} themselves, and tells them who asks. */
export async function proxy(request: NextRequest): Promise<Response> {
  const admitted = await admission(request);
  if (admitted instanceof Response) return admitted;
  const { who, said, policy } = admitted;
  const inside = new Headers(request.headers);
  // The page's own scripts are given the nonce of the policy that its request carries.
  inside.set('content-security-policy', policy);
  // Nobody outside says who asks.
  if (who) inside.set(ASKING, sealed(who));
  else inside.delete(ASKING);
  return NextResponse.next({ request: { headers: inside }, headers: said });
}

/**
 * Scripts and styles are the same for everybody. Balls are logged many times a second, and followed by many devices: their routes ask for admission themselves, for the
 * way through here costs as much as the answer (`src/app/api/admitting.ts`).
 */
export const config = {
  matcher: ['/((?!_next/static|api/lessons/[^/]+/(?:balls|events)$).*)'],
};
