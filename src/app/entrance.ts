import { LANGUAGES, spoken } from '@/core/tell/language/language';
import { t } from '@/core/tell/language/t';
import { PASSPHRASE } from '@/core/lesson/coaches/account';

/* Who comes over a network signs in with an account; a strict cookie says who it is from then on. */

const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|::1|\[::1\])$/;

/** Where signing in and out is sent. */
export const ENTRANCE = '/enter';
export const WAY_OUT = '/leave';

/** Where somebody changes their own passphrase. */
export const OWN_PASSPHRASE = '/own-passphrase';

/** Below this stand the words that bring a phone to a lesson. */
export const PAIR = '/pair/';

/** Below this stand players' links. */
export const LINKS = '/p/';

const COOKIE = 'mellow-session';

/** What devices prove themselves by is a key of their own. */
const OWN_KEY: readonly string[] = ['/api/tracker/balls', '/api/tracker/measures'];

export const hasOwnKey = (path: string): boolean => OWN_KEY.includes(path);

/** What says nothing of anybody: the sign of the product, what keeps a lesson open at the bunker, and the words of a language. */
const OF_EVERYBODY: readonly string[] = [
  '/icon.svg',
  '/at-the-bunker.js',
  ...LANGUAGES.map((language) => `/words/${language}`),
];

export const isOfEverybody = (path: string): boolean => OF_EVERYBODY.includes(path);

type Environment = Readonly<Record<string, string | undefined>>;

/** True for an address that this machine alone reaches. */
export const isOwnMachine = (host?: string): boolean => !host || LOOPBACK.test(host);

/**
 * Whether whoever comes signs in: where the server is opened to a network, or stands behind one that is (`MELLOW_NAME`), or that is asked for
 * (`MELLOW_SIGN_IN`).
 *
 * @example
 * asksSignIn({ MELLOW_HOST: '0.0.0.0' }); // => true
 */
export const asksSignIn = ({ MELLOW_HOST, MELLOW_NAME, MELLOW_SIGN_IN }: Environment): boolean =>
  !isOwnMachine(MELLOW_HOST) || Boolean(MELLOW_NAME || MELLOW_SIGN_IN);

/**
 * Why a server may not start so; null when it may. Opened to a network it would show every player to anybody.
 *
 * @param hasHeadCoach whether there is an account that may do everything
 */
export function openingFault(env: Environment, hasHeadCoach: boolean): string | null {
  if (!asksSignIn(env) || hasHeadCoach) return null;
  const asked = env.MELLOW_NAME ? `MELLOW_NAME=${env.MELLOW_NAME}` : 'MELLOW_SIGN_IN';
  const opened = isOwnMachine(env.MELLOW_HOST)
    ? `${asked} asks everybody to sign in`
    : `MELLOW_HOST=${env.MELLOW_HOST} opens every player and lesson to whoever reaches this machine`;
  return (
    `${opened}, and nobody has an account yet.\n` +
    'Add a head coach first: npm run -s account -- add --sign-in NAME --name "FULL NAME" --role head-coach'
  );
}

/** What a browser holds of its session; null for nothing. */
export const heldIn = (cookie: string | null): string | null =>
  /(?:^|;\s*)mellow-session=([\w-]{43})(?:;|$)/.exec(cookie ?? '')?.[1] ?? null;

/** The cookie of a session; an empty one ends it in the browser. */
export const cookieOf = (token: string, days: number, secure: boolean): string =>
  `${COOKIE}=${token}; Path=/; Max-Age=${days * 24 * 3600}; HttpOnly; SameSite=Strict${secure ? '; Secure' : ''}`;

/** Where a browser is led after signing in: a page of this server, else the desk. */
export const safeNext = (next: string | null): string =>
  next !== null && /^\/(?![/\\])[\w\-./?=&%,:+]{0,500}$/.test(next) && !next.startsWith('/api/')
    ? next
    : '/';

const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** A page of a few words, before anything of the product is shown. */
const barePage = (body: string): string => `<!doctype html>
<html lang="${spoken().language}">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Mellow Divot</title>
<style>
  body { font: 1.1rem/1.5 system-ui, sans-serif; background: #f4f6f3; color: #14332a; margin: 0; }
  main { max-width: 26rem; margin: 12vh auto; padding: 0 1.5rem; }
  label { font-weight: 600; }
  input, button { font: inherit; padding: .6rem .8rem; border: 2px solid #14332a; border-radius: 4px; }
  input { width: 100%; box-sizing: border-box; margin: .3rem 0 .8rem; background: #fff; color: inherit; }
  button { background: #14332a; color: #fff; }
  button.quiet { background: none; color: inherit; margin-top: 1rem; }
  [role=alert] { border-left: 6px solid #a3261c; padding-left: .8rem; }
  a { color: inherit; }
</style>
<main>
<h1>Mellow Divot</h1>
${body}
</main>
</html>
`;

/** The page where one signs in; with a word about the try before, what was typed stays but the passphrase. */
export const signInPage = ({
  fault = null,
  name = '',
  next = '/',
}: { fault?: string | null; name?: string; next?: string } = {}): string =>
  barePage(`<form method="post" action="${ENTRANCE}">
<input type="hidden" name="next" value="${escaped(next)}">
<label for="name">${t('Sign-in name')}</label>
<input id="name" name="name" autocomplete="username" autocapitalize="none" required maxlength="80" value="${escaped(name)}"${name ? '' : ' autofocus'}>
<label for="passphrase">${t('Passphrase')}</label>
<input id="passphrase" name="passphrase" type="password" autocomplete="current-password" required maxlength="400"${name ? ' autofocus' : ''}>
${fault ? `<p role="alert">${escaped(fault)}</p>` : ''}
<button>${t('Sign in')}</button>
</form>`);

/** The page where somebody changes their own passphrase; at the first signing in nothing else is open before. */
export const ownPassphrasePage = ({
  given,
  fault = null,
  next = '/',
}: {
  given: boolean;
  fault?: string | null;
  next?: string;
}): string =>
  barePage(`<h2>${t('Change your passphrase')}</h2>
${given ? `<p>${t('Somebody else gave you this passphrase. Choose one that nobody else knows.')}</p>` : ''}
<form method="post" action="${OWN_PASSPHRASE}">
<input type="hidden" name="next" value="${escaped(next)}">
<label for="so-far">${t('Passphrase so far')}</label>
<input id="so-far" name="so-far" type="password" autocomplete="current-password" required maxlength="400" autofocus>
<label for="fresh">${t('New passphrase, {n} characters or more', { n: PASSPHRASE[0] })}</label>
<input id="fresh" name="fresh" type="password" autocomplete="new-password" required minlength="${PASSPHRASE[0]}" maxlength="${PASSPHRASE[1]}">
<label for="again">${t('The new one again')}</label>
<input id="again" name="again" type="password" autocomplete="new-password" required maxlength="${PASSPHRASE[1]}">
${fault ? `<p role="alert">${escaped(fault)}</p>` : ''}
<p>${t('Your other devices are signed out.')}</p>
<button>${t('Change the passphrase')}</button>
</form>
<form method="post" action="${WAY_OUT}"><button class="quiet">${t('Sign out')}</button></form>
${given ? '' : `<p><a href="${escaped(next)}">${t('Keep the one so far')}</a></p>`}`);

/** The page for what somebody may not see. */
export const closedPage = (name: string): string =>
  barePage(`<p>${t('You do not have access to this, {name}. Ask the head coach if you should.', { name: escaped(name) })}</p>
<p><a href="/lessons">${t('Go to the lessons')}</a></p>
<form method="post" action="${WAY_OUT}"><button>${t('Sign out')}</button></form>`);

/** The page on which a phone says that it will be brought to a lesson: asking for it alone uses no word up. */
export const pairPage = (word: string): string =>
  barePage(`<p>${t('Log balls for this lesson on this phone? It will see only this lesson, for one day.')}</p>
<form method="post" action="${PAIR}${escaped(encodeURIComponent(word))}"><button>${t('Open the lesson here')}</button></form>`);

/** The page for whoever asks while the database does not answer. */
export const awayPage = (): string =>
  barePage(
    `<p role="alert">${t('The database is not answering. Try again in a minute; balls waiting in this browser are kept.')}</p>`,
  );

/** The page for a word that brings nobody anywhere. */
export const deadPairPage = (): string =>
  barePage(
    `<p role="alert">${t('This code has been used or has run out. On the lesson’s page choose “Take it to the bunker” for a new one.')}</p>`,
  );

/** The page for a link that opens nothing. */
export const deadLinkPage = (): string =>
  barePage(
    `<p>${t('This link does not work, or no longer does. Ask your coach for a new one.')}</p>`,
  );
