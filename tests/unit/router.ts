import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';

const ROOT = path.resolve('src/app/api');

type Handler = (
  request: Request,
  context: { params: Promise<Record<string, string>> },
) => Promise<Response> | Response;
export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';
export type RouteModule = Partial<Record<Method, Handler>>;

/** Files of the route handlers, by the address that they answer: `/api/balls/[id]`. */
export function routeFiles(folder = ROOT): Map<string, string> {
  const found = new Map<string, string>();
  for (const name of readdirSync(folder).sort()) {
    const file = path.join(folder, name);
    if (statSync(file).isDirectory()) {
      for (const [address, inside] of routeFiles(file)) found.set(address, inside);
    } else if (name === 'route.ts') {
      found.set(`/api/${path.relative(ROOT, folder)}`, file);
    }
  }
  return found;
}

/** The route that answers an address, with what stands in its brackets; names come before brackets. */
function routeOf(pathname: string): { file: string; params: Record<string, string> } {
  const parts = pathname.split('/');
  const fits = [...routeFiles()].flatMap(([address, file]) => {
    const names = address.split('/');
    if (names.length !== parts.length) return [];
    const params: Record<string, string> = {};
    for (const [i, name] of names.entries()) {
      const bracket = /^\[(\w+)\]$/.exec(name)?.[1];
      if (bracket) params[bracket] = decodeURIComponent(parts[i]!);
      else if (name !== parts[i]) return [];
    }
    return [{ file, params }];
  });
  fits.sort((a, b) => Object.keys(a.params).length - Object.keys(b.params).length);
  if (!fits[0]) throw new Error(`no route answers ${pathname}`);
  return fits[0];
}

interface Sent {
  json?: unknown;
  text?: string;
  headers?: Record<string, string>;
}

/** Asks a route handler as the server would, without a server. */
export async function ask(method: Method, url: string, sent: Sent = {}): Promise<Response> {
  const { pathname } = new URL(url, 'http://127.0.0.1');
  const { file, params } = routeOf(pathname);
  const handlers = (await import(file)) as RouteModule;
  const body = sent.json === undefined ? sent.text : JSON.stringify(sent.json);
  const request = new Request(new URL(url, 'http://127.0.0.1'), {
    method,
    headers: {
      host: '127.0.0.1',
      ...(sent.json === undefined ? {} : { 'content-type': 'application/json' }),
      ...sent.headers,
    },
    ...(body === undefined ? {} : { body }),
  });
  return handlers[method]!(request, { params: Promise.resolve(params) });
}

/** The body of an answer, with its status. */
export async function answerOf<T = Record<string, unknown>>(
  method: Method,
  url: string,
  sent?: Sent,
): Promise<{ status: number; body: T }> {
  const response = await ask(method, url, sent);
  const text = await response.text();
  const isJson = /\/json/.test(response.headers.get('content-type') ?? '');
  return { status: response.status, body: (isJson && text ? JSON.parse(text) : text) as T };
}
