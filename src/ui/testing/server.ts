/** A request as the page made it. */
export interface Asked {
  method: string;
  /** Path with its query. */
  url: string;
  body: unknown;
}

type Reply = { status?: number; body?: unknown };
type Answering = (asked: Asked) => Reply | Promise<Reply>;

/** A promise that a test settles when it wants to: an answer that is held up. */
export function held<T>(): { promise: Promise<T>; settle: (value: T) => void } {
  let settle!: (value: T) => void;
  const promise = new Promise<T>((resolve) => (settle = resolve));
  return { promise, settle };
}

/**
 * A server for a page under test in place of `fetch`. Requests go to the latest route that fits; one that no route fits
 * fails as if the server were away.
 */
export function standInServer() {
  const asked: Asked[] = [];
  const routes: { method: string; url: RegExp; answer: Answering }[] = [];
  globalThis.fetch = (async (input: string, init: RequestInit = {}): Promise<Response> => {
    const { method = 'GET', body, headers } = init;
    const isJson = new Headers(headers).get('content-type') === 'application/json';
    const request: Asked = {
      method,
      url: String(input),
      body: isJson ? JSON.parse(body as string) : (body ?? undefined),
    };
    asked.push(request);
    const route = routes.findLast((each) => each.method === method && each.url.test(request.url));
    if (!route) throw new TypeError('Failed to fetch');
    const { status = 200, body: said } = await route.answer(request);
    const text = said === undefined ? '' : JSON.stringify(said);
    return {
      ok: status < 400,
      status,
      text: async () => text,
      json: async () => JSON.parse(text),
    } as Response;
  }) as typeof fetch;
  return {
    asked,
    /** Requests of a method whose address fits. */
    to: (method: string, url: RegExp): Asked[] =>
      asked.filter((each) => each.method === method && url.test(each.url)),
    on: (method: string, url: RegExp, answer: Answering): void => {
      routes.push({ method, url, answer });
    },
    /** From now on nothing answers. */
    away: (): void => {
      routes.length = 0;
    },
  };
}
