import { Refusal } from '@/core/contract/check/refusal';
import { sayFaults } from '@/core/tell/facts/faultWords';
import { fact } from '@/core/ground/fact/fact';
import { FaultyInput, parseJson, type Fault } from '@/core/contract/check/fault';
import { textOf } from '@/core/contract/check/textOf';
import { codeOf } from '@/data/sql/codeOf';
import { MOST, sayBytes } from './bounds';

/** A refusal with its faults; one that may be otherwise in a moment says when to ask again. */
export function refuse(status: number, faults: readonly Fault[]): Response {
  const headers = status === 503 ? { 'retry-after': '1' } : undefined;
  return Response.json({ error: sayFaults(faults) }, { status, headers });
}

export const notFound = (): Response =>
  refuse(404, [{ path: 'id', message: fact('request.noRecord') }]);

/** The refusal of an id under which nothing can be saved. */
export const noUuid = (): Response =>
  refuse(400, [{ path: 'id', message: fact('request.mustBeUuid') }]);

/** Of what names somebody: it is kept in no cache. */
const NOWHERE_ELSE = { 'cache-control': 'no-store' } as const;

/** A file to be saved under a name. */
export const download = (
  content: string | Uint8Array<ArrayBuffer>,
  type: string,
  name: string,
): Response =>
  new Response(content, {
    headers: {
      ...NOWHERE_ELSE,
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
    },
  });

/** A PDF to be looked at, with a name to save it under. */
export const pdfFile = (pdf: Uint8Array<ArrayBuffer>, name: string): Response =>
  new Response(pdf, {
    headers: {
      ...NOWHERE_ELSE,
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${name}"`,
    },
  });

/** What a body says that it is, without its parameters; empty when it says nothing. */
export const mediaTypeOf = (request: Request): string =>
  request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase() ?? '';

/** The bytes of a body; no further than the first that is too much, for its announced length is not believed. */
export async function gathered(
  parts: AsyncIterable<Uint8Array>,
  most: number,
): Promise<Buffer<ArrayBuffer>> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const part of parts) {
    chunks.push(part);
    size += part.byteLength;
    if (size > most) break;
  }
  return Buffer.concat(chunks, Math.min(size, most + 1));
}

/**
 * Answers 400 with the faults when the work finds its input faulty, 401 and 404 for what who asks may not see, 503 when too much waits to
 * be worked out or the database does not answer, 507 when the disk has no room for it or a backup could not be made.
 */
export async function withFaults(work: () => Promise<Response> | Response): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof FaultyInput) return refuse(400, error.faults);
    if (error instanceof Refusal)
      return refuse(error.status, [{ path: error.path, message: error.why }]);
    // What who asks may not see is not there for them.
    if (isKeptFrom(error)) return notFound();
    throw error;
  }
}

/** True of what the database does not let somebody see or change (SQLSTATE 42501). */
const isKeptFrom = (error: unknown): boolean => codeOf(error) === '42501';

/** Answers 204 when the work changed what it was to change, 404 when there is no such thing; else as {@link withFaults}. */
export const whenDone = (work: () => Promise<boolean>): Promise<Response> =>
  withFaults(async () => ((await work()) ? new Response(null, { status: 204 }) : notFound()));

/** Reads a body of at most so many bytes and answers with what `handle` makes of it: 413, 400 as {@link withJson}, 400 where a part of it is missing. */
export async function withBytes(
  request: Request,
  most: number,
  handle: (bytes: Buffer) => Promise<Response> | Response,
): Promise<Response> {
  const announced = Number(request.headers.get('content-length') ?? 0);
  const tooMuch = (): Response =>
    refuse(413, [{ path: 'input', message: fact('request.tooLarge', { most: sayBytes(most) }) }]);
  if (announced > most) return tooMuch();
  const bytes = request.body ? await gathered(request.body, most) : Buffer.alloc(0);
  if (bytes.byteLength > most) return tooMuch();
  if (bytes.byteLength < announced) {
    return refuse(400, [{ path: 'input', message: fact('request.notWhole') }]);
  }
  return withFaults(() => handle(bytes));
}

/** The same of a body of text. */
export const withText = (
  request: Request,
  most: number,
  handle: (text: string) => Promise<Response> | Response,
): Promise<Response> => withBytes(request, most, (bytes) => handle(textOf(bytes)));

/**
 * Reads a JSON body and answers with what `handle` makes of it: 415 for another content type, 413 for a body over
 * 256 KiB, 400 with the faults for one that is not usable.
 */
export async function withJson(
  request: Request,
  handle: (body: unknown) => Promise<Response> | Response,
): Promise<Response> {
  if (mediaTypeOf(request) !== 'application/json') {
    return refuse(415, [{ path: 'content-type', message: fact('request.json') }]);
  }
  return withText(request, MOST.json, (text) => handle(parseJson(text)));
}
