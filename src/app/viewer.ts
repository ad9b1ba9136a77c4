import { AsyncLocalStorage } from 'node:async_hooks';
import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import type { Session } from '@/data/access/sessions';

/** Who asks, as the entrance found it: somebody who is signed in, or a link to what is one player's own. */
export type Asking = Session | { role: 'player'; player: string };

/** Who asks, where a route has led them in by itself: what a header says counts for nothing there. */
export const askedBy = new AsyncLocalStorage<{ who: Asking | null }>();

/** The header in which the entrance says it to pages and routes. */
export const ASKING = 'x-mellow-asking';

/** Known to this process alone: nobody outside can say who asks. */
const holder = globalThis as typeof globalThis & { mellowSeal?: Buffer };
const seal = (): Buffer => (holder.mellowSeal ??= randomBytes(32));

const signOf = (text: string): Buffer => createHmac('sha256', seal()).update(text).digest();

/** Who asks, sealed by the entrance. */
export function sealed(asking: Asking): string {
  const text = Buffer.from(JSON.stringify(asking)).toString('base64url');
  return `${text}.${signOf(text).toString('base64url')}`;
}

/** Who asks; null for what the entrance of this process did not seal. */
export function unsealed(header: string | null): Asking | null {
  const [text, sign] = header?.split('.') ?? [];
  if (!text || !sign) return null;
  const [wanted, said] = [signOf(text), Buffer.from(sign, 'base64url')];
  if (wanted.length !== said.length || !timingSafeEqual(wanted, said)) return null;
  return JSON.parse(Buffer.from(text, 'base64url').toString()) as Asking;
}
