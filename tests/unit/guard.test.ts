import { addressFault, refusalOf } from '@/app/guard';
import { contentPolicy, headersFor } from '@/app/headers';
import { config } from '@/proxy';
import { ask, routeFiles, type RouteModule } from './router';

const asked = (method: string, path: string, headers: Record<string, string>) => ({
  method,
  path,
  headers: new Headers(headers),
});
const here = { host: '127.0.0.1:3000' };
const erase = '/api/players/ada/erase';

test.each([
  ['a page of this server', { ...here, origin: 'http://127.0.0.1:3000' }],
  ['a page of this server, said by the browser', { ...here, 'sec-fetch-site': 'same-origin' }],
  ['a program that is no browser', here],
  ['the machine by its name', { host: 'localhost:3000', origin: 'http://localhost:3000' }],
  ['the machine by its newer address', { host: '[::1]:3000' }],
])('passes: %s', (_, headers) => {
  expect(refusalOf(asked('POST', erase, headers))).toBeNull();
});

test.each([
  ['another site', { ...here, origin: 'https://elsewhere.test' }],
  ['another port of this machine', { ...here, origin: 'http://127.0.0.1:8080' }],
  ['a page without an origin', { ...here, origin: 'null' }],
  ['another site that hides its origin', { ...here, 'sec-fetch-site': 'cross-site' }],
  ['a neighbour of this site', { ...here, 'sec-fetch-site': 'same-site' }],
])('refuses what is sent from %s', (_, headers) => {
  expect(refusalOf(asked('POST', erase, headers))).toMatch(/another site/);
});

test('a name that was pointed at this machine is not served, for looking neither', () => {
  for (const host of [
    'elsewhere.test',
    'elsewhere.test:3000',
    '127.0.0.1.elsewhere.test',
    '',
    '[',
  ]) {
    expect(refusalOf(asked('GET', '/api/players', { host }))).toMatch(
      /is not served under the name/,
    );
  }
});

test('a link from elsewhere opens a page; data is not given to a page elsewhere', () => {
  const linked = { ...here, 'sec-fetch-site': 'cross-site' };
  expect(refusalOf(asked('GET', '/', linked))).toBeNull();
  expect(refusalOf(asked('GET', '/card', linked))).toBeNull();
  expect(refusalOf(asked('GET', '/api/players/export', linked))).toMatch(/another site/);
});

test('an address that was chosen is served too; on every address any name is, its own pages alone', () => {
  const lan = { host: '192.168.0.7:3000' };
  expect(refusalOf(asked('GET', '/', lan), '192.168.0.7')).toBeNull();
  expect(refusalOf(asked('GET', '/', { host: '[fe80::1]:3000' }), 'fe80::1')).toBeNull();
  expect(refusalOf(asked('GET', '/', lan))).toMatch(/not served/);
  const named = { host: 'mellow.test', origin: 'https://mellow.test' };
  expect(refusalOf(asked('POST', erase, named), undefined, 'mellow.test')).toBeNull();
  expect(refusalOf(asked('POST', erase, named), undefined, 'other.test')).toMatch(/not served/);
  expect(refusalOf(asked('POST', erase, lan), '0.0.0.0')).toBeNull();
  const foreign = { ...lan, origin: 'http://elsewhere.test' };
  expect(refusalOf(asked('POST', erase, foreign), '0.0.0.0')).toMatch(/another site/);
});

test('every answer says by whom it may be used; pages run their own scripts alone', () => {
  const policy = contentPolicy('abc');
  expect(policy).toContain("script-src 'self' 'nonce-abc'");
  expect(policy).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline|\*/);
  const page = headersFor('/players/ada', policy);
  expect(page).toMatchObject({ 'content-security-policy': policy, 'x-frame-options': 'DENY' });
  expect(page).not.toHaveProperty('cache-control');
  const data = headersFor('/api/players', policy);
  expect(data).toMatchObject({ 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' });
  expect(data).not.toHaveProperty('content-security-policy');
  expect(headersFor('/card/pdf', policy)).not.toHaveProperty('content-security-policy');
});

test('addresses that nobody can read are refused, odd ones that can be are not', () => {
  for (const odd of ['/players/%00', '/?x=%E0%A4%A', '/players?search=a%00b', '/%']) {
    expect(addressFault(odd)).toMatch(/^the address has/);
  }
  for (const fine of ['/', '/?player=ines-okafor&pin_yd=18', '/players?search=%C3%98%25']) {
    expect(addressFault(fine)).toBeNull();
  }
});

describe('routes before which the proxy does not stand', () => {
  const [before] = config.matcher;
  const open = [...routeFiles()].filter(
    ([address]) => !new RegExp(`^${before}$`).test(address.replaceAll(/\[\w+\]/g, 'x')),
  );
  const methods = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;

  test('are those of the balls alone', () => {
    expect(open.map(([address]) => address)).toEqual([
      '/api/lessons/[id]/balls',
      '/api/lessons/[id]/events',
    ]);
  });

  test.each(open)('stand behind the same entrance by themselves: %s', async (address, file) => {
    const handlers = (await import(file)) as RouteModule;
    const { MELLOW_SIGN_IN: before } = process.env;
    for (const method of methods.filter((each) => handlers[each])) {
      const elsewhere = { host: 'evil.test', origin: 'http://evil.test' };
      expect((await ask(method, address, { headers: elsewhere })).status).toBe(403);
      process.env.MELLOW_SIGN_IN = '1';
      const forged = { 'x-mellow-asking': 'e30.e30' };
      expect((await ask(method, address, { headers: forged })).status).toBe(401);
      if (before === undefined) delete process.env.MELLOW_SIGN_IN;
      else process.env.MELLOW_SIGN_IN = before;
    }
  });
});
