/** A pace, as a ball's distance to the flag is counted: m. */
const PACE = 0.9;

/** How far from the flag a ball stopped, in paces: up to each, then further away, then in the bunker. */
export const BAND_PACES = [1, 2, 4, 7, 11] as const;

/** How many bands there are. */
export const BANDS = BAND_PACES.length + 2;

const FURTHER = BAND_PACES.length;
export const STAYED_IN = BANDS - 1;

/** Points of each band; a ball that stays in has none. */
export const POINTS = [5, 4, 3, 2, 1, 1, 0] as const;

/** Most points that so many balls can have. */
export const mostPoints = (balls: number): number => balls * POINTS[0];

/**
 * The band of a ball that is out, by its distance to the flag.
 *
 * @param toHole m, 0 or more
 * @example
 * bandOf(1.5); // => 1
 * bandOf(30); // => 5
 */
export function bandOf(toHole: number): number {
  const band = BAND_PACES.findIndex((paces) => toHole <= paces * PACE);
  return band < 0 ? FURTHER : band;
}
