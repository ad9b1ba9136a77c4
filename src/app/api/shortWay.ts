import type { IncomingMessage, ServerResponse } from 'node:http';
import { setImmediate as pause } from 'node:timers/promises';
import PQueue from 'p-queue';
import { beforeRequests } from '../requests';
import type { IdContext } from './idContext';
import { MOST } from './bounds';
import { gathered } from './respond';

/* Balls are logged many times a second, and whole academies of devices begin to follow a lesson at the same moment. The framework's way of taking
   a request in and an answer out keeps the processor busy two to ten times as long as the answer itself (docs/server.md): these routes, which
   stand behind the entrance by themselves, are asked without it. */

/** Whoever has so much waiting and takes none of it is let go of, bytes: the line is taken up again where it was. */
const MOST_WAITING = 4 * 1024 * 1024;

/** Lines are opened a few at a time, so that pages come between; more than so many do not wait for it. */
const opening = new PQueue({ concurrency: 2 });
const MOST_TO_OPEN = 500;

/** A route that stands behind the entrance by itself. */
type Route = (request: Request, context: IdContext) => Promise<Response>;

/** What takes the short way: what logs balls, and what brings them. */
export interface ShortWay {
  logBalls: Route;
  bringBalls: Route;
}

/** Where balls are logged, and where they are brought; anything else at or about these addresses goes the usual way, to the same routes. */
const BALLS = /^\/api\/lessons\/([\w-]{1,64})\/balls$/;
const EVENTS = /^\/api\/lessons\/([\w-]{1,64})\/events(?:\?[\w=&]{0,100})?$/;

function headersOf({ headers }: IncomingMessage): Headers {
  const read = new Headers();
  for (const [name, value] of Object.entries(headers))
    if (value !== undefined) read.set(name, Array.isArray(value) ? value.join(', ') : value);
  return read;
}

/** A request of this process's own server as a route reads it; whoever asked is gone once `response` is closed. */
function asRoutesRead(
  request: IncomingMessage,
  response: ServerResponse,
  body?: Buffer<ArrayBuffer>,
): Request {
  const gone = new AbortController();
  response.once('close', () => gone.abort());
  const secure = 'encrypted' in request.socket;
  return new Request(`http${secure ? 's' : ''}://localhost${request.url}`, {
    method: request.method!,
    headers: headersOf(request),
    signal: gone.signal,
    ...(body ? { body } : {}),
  });
}

function beginAnswer(response: ServerResponse, { status, headers }: Response): void {
  response.statusCode = status;
  for (const [name, value] of headers) response.setHeader(name, value);
}

/** Has a route answer a request that logs balls. */
async function logged(
  route: Route,
  id: string,
  request: IncomingMessage,
  response: ServerResponse,
): Promise<void> {
  // As far as the route would read it: one that is larger is refused there.
  const body = await gathered(request.iterator({ destroyOnReturn: false }), MOST.json);
  const asked = asRoutesRead(request, response, body);
  const answer = await route(asked, { params: Promise.resolve({ id }) });
  const said = Buffer.from(await answer.arrayBuffer());
  beginAnswer(response, answer);
  response.setHeader('content-length', said.byteLength);
  // What was left of a body that is too large is not waited for.
  if (!request.complete) response.setHeader('connection', 'close');
  response.end(said);
}

/** Has a route answer a request that follows a lesson, as long as whoever asked listens. */
async function brought(
  route: Route,
  id: string,
  request: IncomingMessage,
  response: ServerResponse,
): Promise<void> {
  if (opening.size >= MOST_TO_OPEN) {
    response.writeHead(503, { 'retry-after': '1' });
    return void response.end();
  }
  const asked = asRoutesRead(request, response);
  const answer = await opening.add(async () => {
    // What else has come in is looked at first: a database in this process answers without a pause.
    await pause();
    return route(asked, { params: Promise.resolve({ id }) });
  });
  beginAnswer(response, answer);
  response.flushHeaders();
  if (!answer.body) return void response.end();
  for await (const part of answer.body) {
    if (response.destroyed || response.writableLength > MOST_WAITING) {
      response.destroy();
      return;
    }
    response.write(part);
  }
  response.end();
}

/**
 * Takes a request that logs or brings balls to its route without the framework; not any other.
 *
 * @returns whether it was taken
 */
export function tookShortWay(
  request: IncomingMessage,
  response: ServerResponse,
  { logBalls, bringBalls }: ShortWay,
): boolean {
  const { method, url = '' } = request;
  const [, lesson] = (method === 'POST' && BALLS.exec(url)) || [];
  const [, followed] = (method === 'GET' && EVENTS.exec(url)) || [];
  if (!lesson && !followed) return false;
  const answered = lesson
    ? logged(logBalls, lesson, request, response)
    : brought(bringBalls, followed!, request, response);
  answered.catch((error: unknown) => {
    // Whoever asked is gone where the body broke off; anything else is a fault of ours.
    if (request.complete && !response.destroyed)
      process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`);
    if (response.headersSent) return void response.destroy();
    response.statusCode = 500;
    response.end();
  });
  return true;
}

/** Has balls take the short way. Called once, before the server listens. */
export const openShortWay = (ways: ShortWay): void =>
  beforeRequests((request, response, onward) => tookShortWay(request, response, ways) || onward());
