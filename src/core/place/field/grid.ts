import { apart, areaOf, isInside, type Point, type Ring } from '../outline/ring';

/** Places over a bunker, at even steps to the east and the north. */
export interface Grid {
  /** The place in the south-west corner, whether in the sand or not. */
  origin: Point;
  step: number;
  columns: number;
  rows: number;
  /** The places in the sand, row by row from the south. */
  places: { column: number; row: number; at: Point }[];
}

/** A place of a grid lies at least this far within the edge, m: a ball rests against the foot of the face, not in it. */
const WITHIN = 0.25;

/** Steps between places, m: small bunkers are looked at closely, large ones not too long. */
const STEPS = [0.5, 0.75, 1, 1.5, 2, 3, 4, 6, 8] as const;

/** Most places that are looked at. */
const MOST_PLACES = 80;

/**
 * Places over a bunker, as near to each other as its size allows.
 *
 * @param most places that are looked at
 */
export function gridOver(ring: Ring, most = MOST_PLACES): Grid {
  const area = areaOf(ring);
  const step = STEPS.find((each) => area / (each * each) <= most) ?? STEPS.at(-1)!;
  const east = ring.map(([x]) => x);
  const north = ring.map(([, y]) => y);
  const low: Point = [Math.min(...east), Math.min(...north)];
  const size = (values: number[], least: number): number =>
    Math.ceil((Math.max(...values) - least) / step);
  const columns = size(east, low[0]);
  const rows = size(north, low[1]);
  const origin: Point = [low[0] + step / 2, low[1] + step / 2];
  const places: Grid['places'] = [];
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const at: Point = [origin[0] + column * step, origin[1] + row * step];
      if (isWithin(ring, at)) places.push({ column, row, at });
    }
  }
  return { origin, step, columns, rows, places };
}

const isWithin = (ring: Ring, at: Point): boolean =>
  isInside(ring, at) && ring.every((corner) => apart(corner, at) >= WITHIN);

/** How far round a place where balls often come to rest they lie, m. Tuned. */
const SCATTER = 1.5;

/** What a place far from all of those still counts. */
const ELSEWHERE = 0.1;

/**
 * How often balls come to rest at a place, against others of its bunker.
 *
 * @param rests where they do so more often than elsewhere; the same everywhere where there are none
 */
export const restsAt = (rests: readonly Point[], at: Point): number =>
  rests.length === 0
    ? 1
    : ELSEWHERE +
      rests.reduce((sum, rest) => sum + Math.exp(-((apart(rest, at) / SCATTER) ** 2) / 2), 0) /
        rests.length;
