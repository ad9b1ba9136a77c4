import http from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { MOST } from '@/app/api/bounds';
import { withJson } from '@/app/api/respond';
import { tookShortWay, type ShortWay } from '@/app/api/shortWay';

const BALLS = '/api/lessons/a-lesson/balls';

/** Lessons that nobody follows any more. */
const ended: string[] = [];

/** What the route was asked with, the latest last. */
const asked: { id: string; request: Request }[] = [];

/** A server whose balls take the short way to a route; all else is answered by what stands for the framework. */
const server = http.createServer((request, response) => {
  const logBalls: ShortWay['logBalls'] = async (ball, { params }) => {
    const { id } = await params;
    if (id === 'broken') throw new Error('the route broke');
    asked.push({ id, request: ball });
    return withJson(ball, (body) => Response.json({ got: body }, { status: 201 }));
  };
  const bringBalls: ShortWay['bringBalls'] = async ({ url, signal }, { params }) => {
    const { id } = await params;
    const text = new TextEncoder();
    const events = new ReadableStream<Uint8Array>({
      start(controller) {
        controller.enqueue(text.encode(`first of ${id} ${new URL(url).search}`));
        const more = setTimeout(() => controller.enqueue(text.encode(', second')), 60);
        signal.addEventListener('abort', () => {
          clearTimeout(more);
          ended.push(id);
          controller.close();
        });
      },
    });
    return new Response(events, { headers: { 'content-type': 'text/event-stream' } });
  };
  if (!tookShortWay(request, response, { logBalls, bringBalls })) response.end('the framework');
});
let base: string;
beforeAll(async () => {
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => server.close());

const headers = { 'content-type': 'application/json' };
const post = (path: string, body: string): Promise<Response> =>
  fetch(base + path, { method: 'POST', headers, body });

test('a ball comes to its route as it was sent, and the answer goes back as it was given', async () => {
  const answer = await fetch(base + BALLS, {
    method: 'POST',
    headers: { ...headers, cookie: 'a=b', origin: base, 'x-two': 'one, two' },
    body: '{"balls":"é"}',
  });
  expect(answer.status).toBe(201);
  expect(answer.headers.get('content-type')).toBe('application/json');
  expect(await answer.json()).toEqual({ got: { balls: 'é' } });
  const { id, request } = asked.at(-1)!;
  expect(id).toBe('a-lesson');
  expect(new URL(request.url).pathname).toBe(BALLS);
  expect(request.method).toBe('POST');
  for (const [name, value] of [
    ['host', new URL(base).host],
    ['origin', base],
    ['cookie', 'a=b'],
    ['x-two', 'one, two'],
  ])
    expect(request.headers.get(name!)).toBe(value);
});

test.each([
  ['GET', BALLS],
  ['PUT', BALLS],
  ['POST', `${BALLS}/`],
  ['POST', `${BALLS}?after=0`],
  ['POST', `${BALLS}/other`],
  ['POST', '/api/lessons/a%00/balls'],
  ['POST', '/api/lessons/x/events'],
  ['GET', '/api/lessons/x/events/more'],
  ['GET', '/api/lessons/x/events?a=%00'],
  ['POST', '/api/lessons/balls'],
  ['POST', `/x${BALLS}`],
])('%s %s goes the usual way', async (method, path) => {
  const before = asked.length;
  const answer = await fetch(base + path, { method, headers });
  expect(await answer.text()).toBe('the framework');
  expect(asked).toHaveLength(before);
});

test('who follows a lesson is brought what comes as it comes, until nobody listens', async () => {
  const gone = new AbortController();
  const { signal } = gone;
  const answer = await fetch(`${base}/api/lessons/x/events?touched_after=7`, { signal });
  expect(answer.headers.get('content-type')).toBe('text/event-stream');
  const reader = answer.body!.getReader();
  const next = async (): Promise<string> => Buffer.from((await reader.read()).value!).toString();
  expect(await next()).toBe('first of x ?touched_after=7');
  expect(await next()).toBe(', second');
  gone.abort();
  for (let i = 0; i < 100 && ended.length === 0; i++) await new Promise((r) => setTimeout(r, 10));
  expect(ended).toEqual(['x']);
});

test('a body that is no JSON, or empty, is refused by the route', async () => {
  for (const body of ['{', '']) expect((await post(BALLS, body)).status).toBe(400);
  const plain = await fetch(base + BALLS, { method: 'POST', body: 'x' });
  expect(plain.status).toBe(415);
});

test('a body that is too large is refused before it has come in', async () => {
  const exact = JSON.stringify('x'.repeat(MOST.json - 2));
  expect((await post(BALLS, exact)).status).toBe(201);
  expect((await post(BALLS, `${exact} `)).status).toBe(413);
  // One that says it is a gigabyte, and goes on sending.
  const said = await new Promise<string>((resolve, reject) => {
    const line = connect((server.address() as AddressInfo).port, '127.0.0.1', () => {
      line.write(
        `POST ${BALLS} HTTP/1.1\r\nhost: x\r\ncontent-type: application/json\r\ncontent-length: 1000000000\r\n\r\n`,
      );
      line.write('x'.repeat(2 * MOST.json));
    });
    line.once('data', (data) => {
      resolve(String(data));
      line.destroy();
    });
    line.once('error', reject);
  });
  expect(said).toMatch(/^HTTP\/1\.1 413 /);
  expect(said).toMatch(/connection: close/i);
});

test('a line that breaks in the middle of a body does no harm, nor does a route that breaks', async () => {
  const said = jest.spyOn(process.stderr, 'write').mockReturnValue(true);
  try {
    await new Promise<void>((resolve) => {
      const line = connect((server.address() as AddressInfo).port, '127.0.0.1', () => {
        line.write(`POST ${BALLS} HTTP/1.1\r\nhost: x\r\ncontent-length: 10\r\n\r\n{`);
        setTimeout(() => line.destroy(), 50);
      });
      line.once('close', () => setTimeout(resolve, 50));
    });
    expect(said).not.toHaveBeenCalled();
    expect((await post('/api/lessons/broken/balls', '{}')).status).toBe(500);
    expect(said.mock.calls.flat().join('')).toMatch(/the route broke/);
  } finally {
    said.mockRestore();
  }
  expect((await post(BALLS, '{}')).status).toBe(201);
});
