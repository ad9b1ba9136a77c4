import http from 'node:http';
import https from 'node:https';

/** What is done with a request before the framework sees it; `onward` hands it over. Says whether anybody has taken it. */
type Before = (
  request: http.IncomingMessage,
  response: http.ServerResponse,
  onward: () => boolean,
) => boolean;

/**
 * Stands before whatever answers the requests of this process: what comes in is given to `before` first. What was set last is asked first.
 * Called before the server listens.
 */
export function beforeRequests(before: Before): void {
  for (const { prototype } of [http.Server, https.Server]) {
    const emit = prototype.emit as (this: http.Server, ...event: unknown[]) => boolean;
    prototype.emit = function emitBefore(this: http.Server, ...event: unknown[]): boolean {
      const [name, request, response] = event;
      if (name !== 'request') return emit.apply(this, event);
      return before(request as http.IncomingMessage, response as http.ServerResponse, () =>
        emit.apply(this, event),
      );
    } as typeof prototype.emit;
  }
}
