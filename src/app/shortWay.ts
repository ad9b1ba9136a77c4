import type { IncomingMessage, ServerResponse } from 'node:http';
import type { IdContext } from './api/idContext';
import { POST as logBalls } from './api/lessons/[id]/balls/route';
import { MOST_BYTES } from './api/respond';
import { beforeRequests } from './requests';

/* Balls are logged many times a second. The framework's way of taking a request in and an answer out keeps the processor busy two to three times
   as long as the answer itself (docs/server.md): their route, which stands behind the entrance by itself, is asked without it. */

/** A route that stands behind the entrance by itself. */
type Route = (request: Request, context: IdContext) => Promise<Response>;

/** Where balls are logged; anything else at or about this address goes the usual way, to the same route. */
const BALLS = /^\/api\/lessons\/([\w-]{1,64})\/balls$/;

/** A body, no further than the route reads it: one byte more, for the route to refuse. */
async function bodyOf(request: IncomingMessage): Promise<Buffer<ArrayBuffer>> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of request.iterator({ destroyOnReturn: false }) as AsyncIterable<Buffer>) {
    parts.push(part);
    size += part.byteLength;
    if (size > MOST_BYTES) break;
  }
  return Buffer.concat(parts, Math.min(size, MOST_BYTES + 1));
}

function headersOf({ headers }: IncomingMessage): Headers {
  const read = new Headers();
  for (const [name, value] of Object.entries(headers))
    if (value !== undefined) read.set(name, Array.isArray(value) ? value.join(', ') : value);
  return read;
}

/** Has a route answer a request of this process's own server. */
async function answered(
  route: Route,
  id: string,
  request: IncomingMessage,
  response: ServerResponse,
): Promise<void> {
  const body = await bodyOf(request);
  const secure = 'encrypted' in request.socket;
  const asked = new Request(`http${secure ? 's' : ''}://localhost${request.url}`, {
    method: 'POST',
    headers: headersOf(request),
    body,
  });
  const answer = await route(asked, { params: Promise.resolve({ id }) });
  const said = Buffer.from(await answer.arrayBuffer());
  response.statusCode = answer.status;
  for (const [name, value] of answer.headers) response.setHeader(name, value);
  response.setHeader('content-length', said.byteLength);
  // What was left of a body that is too large is not waited for.
  if (!request.complete) response.setHeader('connection', 'close');
  response.end(said);
}

/**
 * Takes a request that logs balls to its route without the framework; not any other.
 *
 * @param route what logs balls
 * @returns whether it was taken
 */
export function tookShortWay(
  request: IncomingMessage,
  response: ServerResponse,
  route: Route = logBalls,
): boolean {
  const [, id] = (request.method === 'POST' && BALLS.exec(request.url ?? '')) || [];
  if (!id) return false;
  answered(route, id, request, response).catch((error: unknown) => {
    // Whoever asked is gone where the body broke off; anything else is a fault of ours.
    if (request.complete)
      process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`);
    if (response.headersSent) return void response.destroy();
    response.statusCode = 500;
    response.end();
  });
  return true;
}

/** Has balls take the short way. Called once, before the server listens. */
export const openShortWay = (): void =>
  beforeRequests((request, response, onward) => tookShortWay(request, response) || onward());
