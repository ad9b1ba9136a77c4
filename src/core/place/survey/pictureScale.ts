import { check } from '@/core/contract/check/fault';
import { exactObject, listField, numberField, required } from '@/core/contract/check/fields';
import type { Point } from '../outline/ring';

/** A picture laid on the ground: from its pixels (right, down) to metres (east, north). */
export interface PictureScale {
  /** The ground under the picture's upper left corner. */
  origin: Point;
  /** Metres that a pixel to the right moves. */
  right: Point;
}

/** Two points of a picture nearer than this cannot scale it, pixels. */
const LEAST_PIXELS = 10;

/**
 * The scale of a picture taken from straight above, from two of its points whose places on the ground are known: the one turn and
 * stretch that lays both on them.
 *
 * @param pixels right and down
 * @param ground east and north, m
 * @throws RangeError when the points are too near each other
 */
export function pictureScale(
  pixels: readonly [Point, Point],
  ground: readonly [Point, Point],
): PictureScale {
  const [p, q] = pixels;
  // North is up: down in the picture counts against it.
  const [dx, dy] = [q[0] - p[0], -(q[1] - p[1])];
  const [gx, gy] = [ground[1][0] - ground[0][0], ground[1][1] - ground[0][1]];
  const square = dx * dx + dy * dy;
  if (square < LEAST_PIXELS ** 2)
    throw new RangeError('pictureScale: the two points are too near each other');
  if (gx === 0 && gy === 0)
    throw new RangeError('pictureScale: the two places on the ground are the same');
  const right: Point = [(gx * dx + gy * dy) / square, (gy * dx - gx * dy) / square];
  const origin: Point = [
    ground[0][0] - (right[0] * p[0] + right[1] * p[1]),
    ground[0][1] - (right[1] * p[0] - right[0] * p[1]),
  ];
  return { origin, right };
}

/** The ground under a point of a picture. */
export const underPicture = ({ origin, right }: PictureScale, [x, y]: Point): Point => [
  origin[0] + right[0] * x + right[1] * y,
  origin[1] + right[1] * x - right[0] * y,
];

const pairSchema = (most: number) =>
  required(listField(required(numberField(-most, most, 'm')), 2, 2));

export const pictureScaleSchema = exactObject({
  origin: pairSchema(10_000),
  right: pairSchema(100),
});

/** Checks how a picture lies on the ground. Throws FaultyInput. */
export const readPictureScale = (input: unknown): PictureScale =>
  check(pictureScaleSchema, input) as PictureScale;
