import { goesOut, mayAsk } from '@/app/access';
import {
  asksSignIn,
  closedPage,
  cookieOf,
  deadLinkPage,
  hasOwnKey,
  heldIn,
  isOfEverybody,
  openingFault,
  safeNext,
  signInPage,
} from '@/app/entrance';
import { sealed, unsealed } from '@/app/viewer';

const LESSON = '/lessons/5a17a0e5-0000-4000-8000-000000000001';

test.each([
  [{}, false],
  [{ MELLOW_HOST: '' }, false],
  [{ MELLOW_HOST: '127.0.0.1' }, false],
  [{ MELLOW_NAME: 'mellow.test' }, true],
  [{ MELLOW_HOST: '::1' }, false],
  [{ MELLOW_HOST: 'localhost' }, false],
  [{ MELLOW_HOST: '0.0.0.0' }, true],
  [{ MELLOW_HOST: '192.168.1.20' }, true],
  [{ MELLOW_HOST: '127.0.0.1.elsewhere.test' }, true],
  [{ MELLOW_SIGN_IN: '1' }, true],
])('with %p whoever comes signs in: %p', (env, asks) => {
  expect(asksSignIn(env)).toBe(asks);
  expect(openingFault(env, true)).toBeNull();
  const fault = openingFault(env, false);
  if (asks) expect(fault).toMatch(/nobody has an account yet[^]*npm run -s account -- add/);
  else expect(fault).toBeNull();
});

test.each([
  ['coach', 'GET', '/players', true],
  ['coach', 'GET', '/api/players/export', true],
  ['coach', 'POST', '/api/players/x/erase', false],
  ['coach', 'GET', '/api/academy', true],
  ['coach', 'PUT', '/api/academy', false],
  ['coach', 'GET', '/coaches', false],
  ['coach', 'GET', '/api/accounts', false],
  ['coach', 'DELETE', '/api/sessions/x', false],
  ['coach', 'POST', '/api/backups', false],
  ['coach', 'POST', '/api/tracker/key', false],
  ['assistant', 'GET', '/lessons', true],
  ['assistant', 'GET', LESSON, true],
  ['assistant', 'GET', `${LESSON}/plan`, false],
  ['assistant', 'GET', `${LESSON}/review`, false],
  ['assistant', 'GET', `${LESSON}/pdf`, false],
  ['assistant', 'POST', `/api${LESSON}/balls`, true],
  ['assistant', 'PUT', `/api${LESSON}`, false],
  ['assistant', 'POST', `/api${LESSON}/close`, false],
  ['assistant', 'GET', `/api${LESSON}/export`, false],
  ['assistant', 'GET', '/', false],
  ['assistant', 'GET', '/players', false],
  ['assistant', 'GET', '/api/players', false],
  ['assistant', 'GET', '/api/players/export', false],
  ['assistant', 'GET', '/deleted', false],
  ['assistant', 'GET', '/anything/new', false],
  ['head-coach', 'POST', '/api/players/x/erase', true],
] as const)('%s may %s %s: %p', (role, method, path, may) => {
  expect(mayAsk(role, method, path)).toBe(may);
});

test('what goes out or is erased is noted without saying whose it is', () => {
  expect(goesOut('GET', '/api/players/export')).toBe('exported the players');
  expect(goesOut('GET', '/api/players/ines-okafor/export')).toBe('exported from players');
  expect(goesOut('GET', `/api${LESSON}/export`)).toBe('exported from lessons');
  expect(goesOut('POST', '/api/players/ines-okafor/erase')).toBe('erased a player');
  expect(goesOut('GET', '/api/players')).toBeNull();
  expect(goesOut('POST', '/api/players/import')).toBeNull();
});

test('a cookie is strict, out of reach of scripts, and read only whole', () => {
  const token = 'x'.repeat(43);
  expect(cookieOf(token, 30, false)).toBe(
    `mellow-session=${token}; Path=/; Max-Age=2592000; HttpOnly; SameSite=Strict`,
  );
  expect(cookieOf(token, 30, true)).toMatch(/; Secure$/);
  expect(heldIn(`theme=dusk; mellow-session=${token}`)).toBe(token);
  for (const bad of [null, '', `xmellow-session=${token}`, `mellow-session=${token}x`, 'a;b']) {
    expect(heldIn(bad)).toBeNull();
  }
});

test('after signing in one is led to a page of this server alone', () => {
  expect(safeNext('/players?x=1')).toBe('/players?x=1');
  for (const bad of [
    null,
    '',
    'players',
    '//elsewhere.test',
    '/\\elsewhere.test',
    'https://elsewhere.test',
    '/api/players/export',
    '/a\nb',
    `/${'x'.repeat(600)}`,
  ]) {
    expect(safeNext(bad)).toBe('/');
  }
});

test('what was typed cannot become part of the page', () => {
  const page = signInPage({ fault: '<b>', name: '"><script>', next: '/"><script>' });
  expect(page).not.toMatch(/<script|<b>/);
  expect(closedPage('<img src=x>')).not.toContain('<img');
  expect(deadLinkPage()).toContain('Ask your coach');
});

test('nobody outside says who asks', () => {
  const asking = { role: 'player', player: 'ada' } as const;
  const seal = sealed(asking);
  expect(unsealed(seal)).toEqual(asking);
  const [text, sign] = seal.split('.') as [string, string];
  const other = Buffer.from(JSON.stringify({ ...asking, player: 'bo' })).toString('base64url');
  for (const forged of [
    null,
    '',
    text,
    `${text}.`,
    `${other}.${sign}`,
    `${text}.${sign}x`,
    `${text}.AAAA`,
  ]) {
    expect(unsealed(forged)).toBeNull();
  }
});

test('devices have a key of their own; what is everybody’s says nothing of anybody', () => {
  expect(hasOwnKey('/api/tracker/balls')).toBe(true);
  expect(hasOwnKey('/api/tracker/measures')).toBe(true);
  expect(hasOwnKey('/api/measures')).toBe(false);
  expect(hasOwnKey('/api/tracker/key')).toBe(false);
  expect(isOfEverybody('/icon.svg')).toBe(true);
  expect(isOfEverybody('/players')).toBe(false);
});
