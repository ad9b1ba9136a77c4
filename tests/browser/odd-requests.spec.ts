import { readFileSync } from 'node:fs';
import { request as ask, type IncomingMessage } from 'node:http';
import { samplerOf } from '../../src/core/ground/numeric/sampling';
import { DEMO_LESSON } from './views';
import { expect, test } from './test';

/* Requests as broken programs and bored people send them, over every route that takes a body: refused by name, never a breakdown. */

const REQUESTS = Number(process.env.MELLOW_ODD_REQUESTS ?? 240);

const NOBODY = '00000000-0000-4000-8000-000000000000';
const IDS = [
  'nobody',
  NOBODY,
  '__proto__',
  'constructor',
  '%F0%9F%8F%8C',
  "x'; drop table balls;--",
];
const ROUTES: readonly (readonly [method: string, path: string])[] = [
  ['POST', '/api/prescribe'],
  ['POST', '/api/simulate'],
  ['POST', '/api/players'],
  ['PUT', '/api/players/ID'],
  ['POST', '/api/players/ID/archive'],
  ['POST', '/api/players/ID/erase'],
  ['POST', '/api/players/ID/restore'],
  ['POST', '/api/players/ID/shots'],
  ['PUT', '/api/players/ID/coaches'],
  ['GET', '/api/players/ID/coaches'],
  ['POST', '/api/players/ID/links'],
  ['GET', '/api/players/ID/links'],
  ['DELETE', '/api/players/ID/links/ID'],
  ['POST', '/api/accounts'],
  ['PUT', '/api/accounts/ID'],
  ['DELETE', '/api/accounts/ID'],
  ['PUT', '/api/accounts/ID/passphrase'],
  ['DELETE', '/api/sessions/ID'],
  ['GET', '/p/ID'],
  ['POST', '/api/players/ID/learnt'],
  ['POST', '/api/players/ID/learnt/hold'],
  ['POST', '/api/players/import'],
  ['POST', '/api/readings'],
  ['POST', '/api/readings/ID/duplicate'],
  ['PUT', '/api/drafts/ID'],
  ['PUT', '/api/lessons/ID'],
  ['POST', '/api/lessons/ID/balls'],
  ['POST', '/api/lessons/ID/close'],
  ['POST', '/api/lessons/import'],
  ['PUT', '/api/drills/ID'],
  ['POST', '/api/drills/ID/archive'],
  ['POST', '/api/drills/import'],
  ['PUT', '/api/practice/ID'],
  ['POST', '/api/practice/ID/results'],
  ['POST', '/api/practice/ID/import'],
  ['PUT', '/api/tests/ID'],
  ['POST', '/api/eye'],
  ['PUT', '/api/places/ID'],
  ['POST', '/api/places/ID/restore'],
  ['PATCH', '/api/places/ID/picture'],
  ['PUT', '/api/places/ID/picture'],
  ['POST', '/api/places/import'],
  ['POST', '/api/tracker/measures'],
  ['GET', '/api/measures?since=ID'],
  ['GET', '/api/places/ID/export?as=ID'],
  ['GET', '/ground/ID/book/pdf?player=ID'],
  ['GET', '/api/lessons/glances?month=ID'],
  ['GET', '/api/practice/ID/calendar'],
  ['GET', '/practice/eye/sheet?round=ID&level=9'],
  ['PATCH', '/api/balls/ID'],
  ['PUT', '/api/tracker/aim'],
  ['POST', '/api/tracker/balls'],
  ['GET', '/api/players/ID'],
  ['GET', '/api/lessons/ID/balls'],
  ['GET', '/api/players?search=ID&order=ID&limit=ID&offset=-1'],
  ['GET', '/api/readings?limit=1e9&search=ID'],
];
const ODD: readonly unknown[] = [
  null,
  [],
  {},
  '',
  'a\u0000b',
  '\uD800',
  1e308,
  -1,
  0.1,
  true,
  { __proto__: null, constructor: 1, toString: {} },
  [[[[[[[[[[1]]]]]]]]]],
  'x'.repeat(5000),
  Array.from({ length: 5000 }, (_, i) => i),
];

/** A value with some of its parts replaced by odd ones. */
function bent(value: unknown, odd: () => unknown, chance: () => boolean): unknown {
  if (chance()) return odd();
  if (Array.isArray(value)) return value.map((each) => bent(each, odd, chance));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, each]) => [key, bent(each, odd, chance)]),
  );
}

test('odd requests to every route are answered in words, and the server goes on', async ({
  request,
}) => {
  const { uniform } = samplerOf(31);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(uniform() * list.length)]!;
  const situation: unknown = JSON.parse(readFileSync('examples/greenside.json', 'utf8'));
  const broken: string[] = [];
  for (let i = 0; i < REQUESTS; i++) {
    const [method, route] = ROUTES[i % ROUTES.length]!;
    const path = route.replaceAll('ID', () => encodeURIComponent(pick(IDS)));
    const body = bent(
      situation,
      () => pick(ODD),
      () => uniform() < 0.2,
    );
    const cut = uniform() < 0.1;
    const text = JSON.stringify(body) ?? '';
    const response = await request.fetch(path, {
      method,
      ...(method === 'GET'
        ? {}
        : {
            data: Buffer.from(cut ? text.slice(0, text.length / 2) : text),
            headers: { 'content-type': pick(['application/json', 'application/json', 'text/csv']) },
          }),
    });
    if (response.status() >= 500)
      broken.push(`${response.status()} ${method} ${path} ${text.slice(0, 80)}`);
  }
  expect(broken).toEqual([]);
  expect((await request.get('/api/players')).status()).toBe(200);
});

test('a body that is nested without end is refused by every route, as a whole or within', async ({
  request,
}) => {
  const deep = `${'['.repeat(60_000)}${']'.repeat(60_000)}`;
  const broken: string[] = [];
  for (const [method, route] of ROUTES.filter(([each]) => each !== 'GET')) {
    for (const text of [deep, `{"name":${deep},"balls":[${deep}]}`]) {
      const path = route.replace('ID', NOBODY);
      const headers = { 'content-type': 'application/json' };
      const status = (
        await request.fetch(path, { method, headers, data: Buffer.from(text) })
      ).status();
      if (status >= 500) broken.push(`${status} ${method} ${path}`);
    }
  }
  expect(broken).toEqual([]);
});

test('what is asked in a way that nothing here is asked in is refused', async ({ baseURL }) => {
  const { hostname, port } = new URL(baseURL!);
  for (const [method, path] of [
    ['TRACE', '/players'],
    ['OPTIONS', '*'],
    ['PROPFIND', '/'],
  ] as const) {
    const answer = await new Promise<IncomingMessage>((resolve, reject) => {
      const asked = ask({ hostname, port, method, path }, (response) => {
        response.resume();
        resolve(response);
      });
      asked.on('error', reject);
      asked.end();
    });
    expect(answer.statusCode, method).toBe(405);
    expect(answer.headers, method).toMatchObject({
      'x-answered-by': 'mellow-divot',
      'x-content-type-options': 'nosniff',
    });
  }
});

test('addresses that nobody can read are refused, and every answer says by whom it may be used', async ({
  request,
}) => {
  for (const path of ['/api/players/%E0%A4%A', '/players/%00', '/lessons/%ff/review']) {
    expect((await request.get(path)).status()).toBe(400);
  }
  const page = (await request.get('/players')).headers();
  expect(page['content-security-policy']).toMatch(/script-src 'self' 'nonce-[^']+';/);
  expect(page['x-frame-options']).toBe('DENY');
  const data = (await request.get('/api/players')).headers();
  expect(data['cache-control']).toContain('no-store');
  expect(data['x-content-type-options']).toBe('nosniff');
  const paper = (await request.get(`${DEMO_LESSON}/pdf`)).headers();
  expect(paper['cache-control']).toBe('no-store');
});
