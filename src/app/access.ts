import type { Role } from '@/core/lesson/coaches/account';

/* What each role may ask for, by address: the first of two doors. The second stands in the database, row by row. */

type Rule = readonly [methods: readonly string[], path: RegExp];

const LOOK = ['GET', 'HEAD'];
const ANY = [...LOOK, 'POST', 'PUT', 'PATCH', 'DELETE'];
const ID = '[0-9a-f-]{36}';

/** What only head coaches may ask for: who signs in, copies of everything, erasing, the academy's own settings and devices. */
const HEAD_COACHES: readonly Rule[] = [
  [ANY, /^\/coaches(\/|$)/],
  [ANY, /^\/api\/(accounts|sessions|log|backups)(\/|$)/],
  [ANY, /^\/api\/players\/[^/]+\/erase$/],
  [['POST', 'PUT', 'PATCH', 'DELETE'], /^\/api\/academy$/],
  [ANY, /^\/api\/academy\/file$/],
  [ANY, /^\/api\/(tracker\/key|demo|balls\/simulated)$/],
];

/** All that an assistant may ask for: open lessons, their balls, what a call there needs, and the own eye. */
const ASSISTANTS: readonly Rule[] = [
  [LOOK, /^\/lessons$/],
  [LOOK, new RegExp(`^/lessons/${ID}$`)],
  [LOOK, new RegExp(`^/api/lessons(/(glances|${ID}))?$`)],
  [[...LOOK, 'POST'], new RegExp(`^/api/lessons/${ID}/balls$`)],
  [LOOK, new RegExp(`^/api/lessons/${ID}/events$`)],
  [['PATCH'], new RegExp(`^/api/balls/${ID}$`)],
  [[...LOOK, 'PUT', 'DELETE'], /^\/api\/tracker\/aim$/],
  [LOOK, /^\/practice\/own-eye$/],
  [['POST'], /^\/api\/eye\/own$/],
];

const covers = (rules: readonly Rule[], method: string, path: string): boolean =>
  rules.some(([methods, pattern]) => methods.includes(method) && pattern.test(path));

/**
 * Whether a role may ask for an address.
 *
 * @example
 * mayAsk('assistant', 'GET', '/players'); // => false
 */
export function mayAsk(role: Role, method: string, path: string): boolean {
  if (role === 'head-coach') return true;
  if (role === 'coach') return !covers(HEAD_COACHES, method, path);
  return covers(ASSISTANTS, method, path);
}

/** What goes out by an address, in words for the log; null where nothing does. */
export function goesOut(method: string, path: string): string | null {
  if (method === 'POST' && /^\/api\/players\/[^/]+\/erase$/.test(path)) return 'erased a player';
  if (!LOOK.includes(method)) return null;
  if (path === '/api/players/export') return 'exported the players';
  if (path === '/api/academy/file') return 'exported everything';
  const of = /^\/api\/(players|lessons|tests|places|drills)(\/[^/]+)?\/export$/.exec(path)?.[1];
  return of ? `exported from ${of}` : null;
}
