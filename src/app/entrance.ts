import { createHmac, timingSafeEqual } from 'node:crypto';

/* Who comes over a network says a passphrase once; a strict cookie says it from then on. */

/** Fewest characters of a passphrase. */
const LEAST = 8;

const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|::1|\[::1\])$/;

/** Where the passphrase is sent. */
export const ENTRANCE = '/enter';

const COOKIE = 'mellow-entrance';
const A_YEAR = 365 * 24 * 3600;

/** What devices prove themselves by is a key of their own. */
const OWN_KEY: readonly string[] = ['/api/tracker/balls', '/api/tracker/measures'];

/** What is in the cookie: nothing that the passphrase could be read from. */
const proofOf = (passphrase: string): string =>
  createHmac('sha256', passphrase).update('mellow-divot entrance').digest('hex');

const same = (a: string, b: string): boolean => {
  const [one, other] = [a, b].map((text) => createHmac('sha256', 'same').update(text).digest());
  return timingSafeEqual(one!, other!);
};

/**
 * Why a server may not start so; null when it may. Opened to a network it would show every player to anybody.
 *
 * @param host that is served on, absent for this machine alone
 * @example
 * openingFault('0.0.0.0', undefined) === null; // => false
 */
export function openingFault(host?: string, passphrase?: string): string | null {
  if (passphrase !== undefined && passphrase.length < LEAST) {
    return `MELLOW_PASSPHRASE must be at least ${LEAST} characters.`;
  }
  if (host === undefined || LOOPBACK.test(host) || passphrase !== undefined) return null;
  return (
    `MELLOW_HOST=${host} opens every player and lesson to whoever reaches this machine. ` +
    `Set MELLOW_PASSPHRASE too, at least ${LEAST} characters: each browser is asked for it once.`
  );
}

/** True when a request may pass: where no passphrase is set, with the cookie of it, or where another key is asked for. */
export function mayPass(path: string, cookie: string | null, passphrase?: string): boolean {
  if (passphrase === undefined || OWN_KEY.includes(path)) return true;
  const held = /(?:^|;\s*)mellow-entrance=([0-9a-f]{64})(?:;|$)/.exec(cookie ?? '')?.[1];
  return held !== undefined && same(held, proofOf(passphrase));
}

/** The cookie that a browser is given for the right passphrase; null for a wrong one. */
export const cookieFor = (said: string, passphrase: string): string | null =>
  same(said, passphrase)
    ? `${COOKIE}=${proofOf(passphrase)}; Path=/; Max-Age=${A_YEAR}; HttpOnly; SameSite=Strict`
    : null;

/** The page that asks for it. */
export const entrancePage = (wrong: boolean): string => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Mellow Divot</title>
<style>
  body { font: 1.1rem/1.5 system-ui, sans-serif; background: #f4f6f3; color: #14332a; margin: 0; }
  main { max-width: 26rem; margin: 15vh auto; padding: 0 1.5rem; }
  input, button { font: inherit; padding: .6rem .8rem; border: 2px solid #14332a; border-radius: 4px; }
  input { width: 100%; box-sizing: border-box; margin: .3rem 0 .8rem; background: #fff; }
  button { background: #14332a; color: #fff; }
</style>
<main>
<h1>Mellow Divot</h1>
<form method="post" action="${ENTRANCE}">
<label for="passphrase">Passphrase of this academy</label>
<input id="passphrase" name="passphrase" type="password" autocomplete="current-password" required autofocus>
${wrong ? '<p role="alert">That is not the passphrase. Ask whoever runs the server.</p>' : ''}
<button>Come in</button>
</form>
</main>
</html>
`;
