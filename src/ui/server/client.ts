import { t } from '@/core/tell/language/t';
import { faultLine, type SaidFault } from '@/core/tell/facts/faultWords';

/** What a request to the server came to: its answer, a refusal with what is wrong, or no answer at all. */
export type Replied<T> =
  | { kind: 'ok'; body: T }
  | { kind: 'refused'; status: number; faults: readonly SaidFault[] }
  | { kind: 'away' };

export type Unanswered = Exclude<Replied<never>, { kind: 'ok' }>;

export const serverAway = () =>
  t('The server is not answering. Nothing was lost: try again in a moment.');

/** Said where a session has ended. */
export const signedOut = () =>
  t(
    'You are no longer signed in. Nothing was lost: open another tab, sign in there, and try again here.',
  );

/** What is said of a request without an answer. */
export function saidOf(reply: Unanswered): string {
  if (reply.kind === 'away') return serverAway();
  if (reply.status === 401) return signedOut();
  return reply.faults.length > 0
    ? faultLine(reply.faults)
    : t('The server answered {status}.', { status: reply.status });
}

/** True where asking again later may help: no answer, one that the server is at fault for, or that somebody must sign in first. */
export const mayComeBack = (reply: Unanswered): boolean =>
  reply.kind === 'away' || reply.status >= 500 || reply.status === 401;

/** Faults that a refusal names; none where it is not in the product's own form. */
async function faultsOf(response: Response): Promise<readonly SaidFault[]> {
  try {
    const { error } = (await response.json()) as { error: readonly SaidFault[] };
    return error.filter(({ path, message }) => Boolean(path && message));
  } catch {
    return [];
  }
}

const asJson = async <T>(response: Response): Promise<T> => {
  const text = await response.text();
  return (text === '' ? null : JSON.parse(text)) as T;
};

/** Sends a request as it is and reads the answer; never throws. An answer without a body comes as null. */
async function send<T>(
  url: string,
  request: RequestInit,
  read: (response: Response) => Promise<T> = asJson,
): Promise<Replied<T>> {
  try {
    const response = await fetch(url, request);
    if (!response.ok) {
      return { kind: 'refused', status: response.status, faults: await faultsOf(response) };
    }
    return { kind: 'ok', body: await read(response) };
  } catch {
    return { kind: 'away' };
  }
}

/** Asks the server, with a body as JSON where there is one. */
export const ask = <T>(
  url: string,
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE' = 'GET',
  body?: unknown,
  signal?: AbortSignal,
): Promise<Replied<T>> =>
  send(url, {
    method,
    ...(signal ? { signal } : {}),
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });

/** Sends a text, such as a file. */
export const askWithText = <T>(url: string, text: string): Promise<Replied<T>> =>
  send(url, { method: 'POST', headers: { 'content-type': 'text/plain' }, body: text });

/** Sends a file as it is, with what it says that it is. */
export const askWithFile = <T>(url: string, file: File): Promise<Replied<T>> =>
  send(url, { method: 'PUT', headers: { 'content-type': file.type }, body: file });

/** Asks for a file. */
export const askForFile = (url: string): Promise<Replied<Blob>> =>
  send(url, {}, (response) => response.blob());

/** A request without an answer, thrown where a query or a mutation of the cache waits for it. */
export class RequestFailure extends Error {
  constructor(readonly reply: Unanswered) {
    super(saidOf(reply));
    this.name = 'RequestFailure';
  }
}

/** The body of an answer. Throws RequestFailure where there is none. */
export async function bodyOf<T>(reply: Promise<Replied<T>>): Promise<T> {
  const replied = await reply;
  if (replied.kind !== 'ok') throw new RequestFailure(replied);
  return replied.body;
}
