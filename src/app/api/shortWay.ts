import type { IncomingMessage, ServerResponse } from 'node:http';
import { beforeRequests } from '../requests';
import type { IdContext } from './idContext';
import { MOST } from './bounds';
import { gathered } from './respond';

/* Balls are logged many times a second. The framework's way of taking a request in and an answer out keeps the processor busy two to three times
   as long as the answer itself (docs/server.md): their route, which stands behind the entrance by itself, is asked without it. */

/** A route that stands behind the entrance by itself. */
type Route = (request: Request, context: IdContext) => Promise<Response>;

/** Where balls are logged; anything else at or about this address goes the usual way, to the same route. */
const BALLS = /^\/api\/lessons\/([\w-]{1,64})\/balls$/;

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
  // As far as the route would read it: one that is larger is refused there.
  const body = await gathered(request.iterator({ destroyOnReturn: false }), MOST.json);
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
  route: Route,
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

/** Has balls take the short way to what logs them. Called once, before the server listens. */
export const openShortWay = (route: Route): void =>
  beforeRequests((request, response, onward) => tookShortWay(request, response, route) || onward());
