import { fact } from '@/core/ground/fact/fact';
import { imageSize } from 'image-size';
import { faulty } from '@/core/contract/check/fault';
import { readPictureScale } from '@/core/place/survey/pictureScale';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { keepPicture, pictureOfPlace, removePicture, scalePicture } from '@/data/places';
import { MOST } from '../../../bounds';
import { mediaTypeOf, notFound, refuse, whenDone, withBytes, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

const TYPES = { 'image/png': 'png', 'image/jpeg': 'jpg' } as const;

/** What the last part of a whole picture is: PNG's chunk IEND (RFC 2083, 4.1.4), JPEG's marker EOI (ITU-T T.81, B.1.1.3). */
const ENDS = {
  png: Buffer.from('IEND\xae\x42\x60\x82', 'latin1'),
  jpg: Buffer.from([0xff, 0xd9]),
} as const;

/** Most pixels across or down: a browser draws no more. */
const MOST_PIXELS = 8000;

/** Width and height of a picture that is what it says. */
function sizeOf(
  bytes: Uint8Array,
  mediaType: keyof typeof TYPES,
): { width: number; height: number } {
  let size: ReturnType<typeof imageSize>;
  try {
    size = imageSize(bytes);
  } catch {
    throw faulty('picture', fact('request.notAPicture'));
  }
  if (size.type !== TYPES[mediaType])
    throw faulty('picture', fact('request.isNotType', { type: mediaType }));
  // Cameras write notes of their own behind it.
  if (!Buffer.from(bytes).includes(ENDS[TYPES[mediaType]])) {
    throw faulty('picture', fact('request.cutShort'));
  }
  const { width, height } = size;
  if (Math.max(width, height) > MOST_PIXELS || Math.min(width, height) < 1) {
    throw faulty('picture', fact('request.mostPixels', { mostPixels: MOST_PIXELS }));
  }
  return { width, height };
}

export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const picture = isId(id) ? await pictureOfPlace(sql, id) : null;
  if (!picture) return notFound();
  return new Response(new Uint8Array(picture.bytes), {
    headers: { 'content-type': picture.mediaType, 'x-content-type-options': 'nosniff' },
  });
}

/** Keeps a picture of the ground, PNG or JPEG, to trace a place from. */
export async function PUT(request: Request, { params }: IdContext): Promise<Response> {
  const mediaType = mediaTypeOf(request);
  if (!(mediaType in TYPES)) {
    const message = fact('request.types', { types: Object.keys(TYPES).join(', ') });
    return refuse(415, [{ path: 'content-type', message }]);
  }
  const { id } = await params;
  return withBytes(request, MOST.picture, async (bytes) => {
    const size = sizeOf(bytes, mediaType as keyof typeof TYPES);
    const { sql } = await data();
    const kept = isId(id) && (await keepPicture(sql, id, { mediaType, bytes, ...size }));
    return kept ? new Response(null, { status: 204 }) : notFound();
  });
}

/** Lays the picture on the ground. */
export function PATCH(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const scale = readPictureScale(body);
    const { id } = await params;
    const { sql } = await data();
    const scaled = isId(id) && (await scalePicture(sql, id, scale));
    return scaled ? new Response(null, { status: 204 }) : notFound();
  });
}

export function DELETE(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && removePicture(sql, id);
  });
}
