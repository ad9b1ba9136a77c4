import { cookieFor, entrancePage, mayPass, openingFault } from '@/app/entrance';

const SECRET = 'sand between toes';
const held = cookieFor(SECRET, SECRET)!;
const cookie = held.split(';')[0]!;

test.each([
  [undefined, undefined],
  ['127.0.0.1', undefined],
  ['::1', undefined],
  ['localhost', undefined],
  ['0.0.0.0', SECRET],
  ['192.168.1.20', SECRET],
])('a server may be served on %p with %p', (host, passphrase) => {
  expect(openingFault(host, passphrase)).toBeNull();
});

test.each([
  ['0.0.0.0', undefined, /opens every player .* Set MELLOW_PASSPHRASE/],
  ['192.168.1.20', undefined, /MELLOW_HOST=192\.168\.1\.20 opens/],
  ['127.0.0.1.elsewhere.test', undefined, /opens/],
  [undefined, 'short', /at least 8 characters/],
])('a server is not opened on %p with %p', (host, passphrase, why) => {
  expect(openingFault(host, passphrase)).toMatch(why);
});

test('with a passphrase only its cookie passes; without one everybody on this machine', () => {
  expect(mayPass('/', null)).toBe(true);
  expect(mayPass('/', null, SECRET)).toBe(false);
  expect(mayPass('/api/players', `theme=dusk; ${cookie}`, SECRET)).toBe(true);
  expect(mayPass('/', cookie, 'another passphrase')).toBe(false);
  for (const bad of [
    'mellow-entrance=',
    `mellow-entrance=${'0'.repeat(64)}`,
    `x${cookie}`,
    'a;b',
  ]) {
    expect(mayPass('/', bad, SECRET)).toBe(false);
  }
  expect(mayPass('/api/tracker/balls', null, SECRET)).toBe(true);
  expect(mayPass('/api/tracker/measures', null, SECRET)).toBe(true);
  expect(mayPass('/api/measures', null, SECRET)).toBe(false);
  expect(mayPass('/api/tracker/key', null, SECRET)).toBe(false);
});

test('the cookie is strict and does not hold the passphrase; a wrong one gets none', () => {
  expect(held).toMatch(/; HttpOnly; SameSite=Strict$/);
  expect(held).not.toContain(SECRET);
  for (const wrong of ['', 'sand', `${SECRET} `]) expect(cookieFor(wrong, SECRET)).toBeNull();
  expect(entrancePage(false)).not.toContain('role="alert"');
  expect(entrancePage(true)).toContain('role="alert"');
});
