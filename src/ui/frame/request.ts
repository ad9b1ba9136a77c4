/** What a request to the server came to: its answer, or what was wrong in words. */
export type Answered<T> = { ok: true; body: T } | { ok: false; fault: string };

export const UNREACHABLE = 'The server does not answer. Nothing was lost: try again in a moment.';

/** Faults that a refused request named, in a line. */
async function faultsOf(response: Response): Promise<string> {
  try {
    const body = (await response.json()) as { error: { path: string; message: string }[] };
    return body.error.map(({ path, message }) => `${path}: ${message}`).join('; ');
  } catch {
    return `The server answered ${response.status}.`;
  }
}

/** Sends a request as it is; never throws. An answer without a body comes as null. */
async function send<T>(url: string, request: RequestInit): Promise<Answered<T>> {
  try {
    const response = await fetch(url, request);
    if (!response.ok) return { ok: false, fault: await faultsOf(response) };
    const text = await response.text();
    return { ok: true, body: (text === '' ? null : JSON.parse(text)) as T };
  } catch {
    return { ok: false, fault: UNREACHABLE };
  }
}

/** Asks the server, with a body as JSON where there is one. */
export const ask = <T>(
  url: string,
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE' = 'GET',
  body?: unknown,
): Promise<Answered<T>> =>
  send(url, {
    method,
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });

/** Sends a text, such as a file. */
export const askWithText = <T>(url: string, text: string): Promise<Answered<T>> =>
  send(url, { method: 'POST', headers: { 'content-type': 'text/plain' }, body: text });
