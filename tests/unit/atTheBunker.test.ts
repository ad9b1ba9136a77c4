import { readFileSync } from 'node:fs';

/* What stands between the bunker's page and the server, in a browser that refuses its storage or has no room left. */

const SOURCE = readFileSync('public/at-the-bunker.js', 'utf8');
const ORIGIN = 'https://mellow.test';
const BUNKER = `${ORIGIN}/lessons/5a17a0e5-0000-4000-8000-000000000001`;

const full = (): never => {
  throw new DOMException('no room', 'QuotaExceededError');
};

/** Storage that is refused altogether, and storage that takes nothing more. */
const STORAGES = {
  refused: { open: async () => full(), delete: async () => full() },
  full: {
    open: async () => ({
      match: async () => undefined,
      keys: async () => [],
      put: async () => full(),
    }),
    delete: async () => true,
  },
};

/** The answers of the worker on such a storage, to what the server answers. */
function worker(storage: keyof typeof STORAGES, answer: () => Response) {
  const heard = new Map<string, (event: object) => void>();
  const self = {
    location: { origin: ORIGIN },
    addEventListener: (name: string, take: (event: object) => void) => heard.set(name, take),
  };
  const fetched = async (): Promise<Response> => answer();
  new Function('self', 'caches', 'fetch', SOURCE)(self, STORAGES[storage], fetched);
  return {
    async asks(url: string, mode: string): Promise<Response> {
      const waited: Promise<unknown>[] = [];
      let response: Promise<Response> | undefined;
      heard.get('fetch')!({
        request: { url, mode, method: 'GET' },
        respondWith: (given: Promise<Response>) => (response = given),
        waitUntil: (work: Promise<unknown>) => waited.push(work),
      });
      const given = await response!;
      await Promise.all(waited);
      return given;
    },
    async keeps(): Promise<unknown> {
      let told: unknown;
      const waited: Promise<unknown>[] = [];
      heard.get('message')!({
        origin: ORIGIN,
        data: { url: BUNKER, parts: [`${ORIGIN}/_next/static/a.js`] },
        ports: [{ postMessage: (said: unknown) => (told = said) }],
        waitUntil: (work: Promise<unknown>) => waited.push(work),
      });
      await Promise.all(waited);
      return told;
    },
  };
}

const OWN = { 'x-answered-by': 'mellow-divot' };

describe.each(['refused', 'full'] as const)('a storage that is %s', (storage) => {
  test('keeps nothing, and what the server answers is answered all the same', async () => {
    const { asks } = worker(storage, () => new Response('the page', { headers: OWN }));
    expect(await (await asks(BUNKER, 'navigate')).text()).toBe('the page');
    expect(await (await asks(`${ORIGIN}/_next/static/a.js`, 'no-cors')).text()).toBe('the page');
  });

  test('takes no answer of a server that says who may not see the page', async () => {
    const { asks } = worker(storage, () => new Response('', { status: 401, headers: OWN }));
    expect((await asks(BUNKER, 'navigate')).status).toBe(401);
    const away = worker(storage, () => new Response('', { status: 502 }));
    expect((await away.asks(BUNKER, 'navigate')).status).toBe(502);
  });

  test('is not said to keep the page for later', async () => {
    const { keeps } = worker(storage, () => new Response('the page', { headers: OWN }));
    expect(await keeps()).toBe(false);
  });
});
