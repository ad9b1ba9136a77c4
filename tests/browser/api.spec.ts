import { readFileSync } from 'node:fs';
import { get } from 'node:http';
import { expect, test } from './test';

const example = (): Record<string, unknown> =>
  JSON.parse(readFileSync('examples/greenside.json', 'utf8'));

test.describe('POST /api/prescribe', () => {
  test('answers a situation with a call sheet', async ({ request }) => {
    const response = await request.post('/api/prescribe', { data: example() });
    expect(response.status()).toBe(200);
    const sheet = await response.json();
    expect(sheet.format).toBe('mellow-divot/call-sheet');
    expect(sheet.calls[0].rank).toBe(1);
  });

  test('400 names the field, 413 a body over 256 KiB, 415 another content type', async ({
    request,
  }) => {
    const bad = await request.post('/api/prescribe', { data: { ...example(), seed: 'x' } });
    expect(bad.status()).toBe(400);
    expect((await bad.json()).error[0].path).toBe('seed');
    const large = await request.post('/api/prescribe', { data: { x: 'y'.repeat(300_000) } });
    expect(large.status()).toBe(413);
    const text = await request.post('/api/prescribe', {
      data: 'pin 18',
      headers: { 'content-type': 'text/plain' },
    });
    expect(text.status()).toBe(415);
    const broken = await request.post('/api/prescribe', {
      data: Buffer.from('{"player":'),
      headers: { 'content-type': 'application/json' },
    });
    expect(broken.status()).toBe(400);
  });
});

test('POST /api/simulate plays one set-up', async ({ request }) => {
  const data = JSON.parse(readFileSync('examples/simulate/splash-56.json', 'utf8'));
  const answered = await (await request.post('/api/simulate', { data })).json();
  expect(answered.predicted.carry_yd).toBeGreaterThan(5);
  const bad = await request.post('/api/simulate', { data: example() });
  expect(bad.status()).toBe(400);
  expect((await bad.json()).error[0].path).toBe('setup');
});

test('readings refuse what is not a reading, and unknown ids', async ({ request }) => {
  const bad = await request.post('/api/readings', { data: { name: '', playerId: 'ines-okafor' } });
  expect(bad.status()).toBe(400);
  const paths = (await bad.json()).error.map((fault: { path: string }) => fault.path);
  expect(paths).toEqual(expect.arrayContaining(['name', 'shot', 'called']));
  expect((await request.get('/api/readings/not-an-id')).status()).toBe(404);
  const nobody = '00000000-0000-4000-8000-000000000000';
  expect((await request.delete(`/api/readings/${nobody}`)).status()).toBe(404);
});

test('a page elsewhere on the web can neither write nor read, nor come by a name of its own', async ({
  request,
  baseURL,
}) => {
  const foreign = { origin: 'http://elsewhere.test' };
  const erased = await request.post('/api/players/ines-okafor/erase', { headers: foreign });
  expect(erased.status()).toBe(403);
  expect((await erased.json()).error[0].message).toContain('another site');
  expect((await request.get('/api/players/ines-okafor')).status()).toBe(200);
  const read = await request.get('/api/players', { headers: { 'sec-fetch-site': 'cross-site' } });
  expect(read.status()).toBe(403);

  const { hostname, port } = new URL(baseURL!);
  const status = await new Promise<number | undefined>((resolve, reject) => {
    get({ hostname, port, path: '/api/players', headers: { host: 'elsewhere.test' } }, (answer) => {
      answer.resume();
      resolve(answer.statusCode);
    }).on('error', reject);
  });
  expect(status).toBe(403);
});

test('a form on a page elsewhere erases nobody', async ({ page, baseURL }) => {
  await page.route('http://elsewhere.test/**', (route) =>
    route.fulfill({
      contentType: 'text/html',
      body: `<form method="post" action="${baseURL}/api/players/ines-okafor/erase"><button>Win</button></form>`,
    }),
  );
  await page.goto('http://elsewhere.test/');
  const answered = page.waitForResponse((response) => response.url().endsWith('/erase'));
  await page.getByRole('button', { name: 'Win' }).click();
  expect((await answered).status()).toBe(403);
  expect((await page.request.get('/api/players/ines-okafor')).status()).toBe(200);
});
