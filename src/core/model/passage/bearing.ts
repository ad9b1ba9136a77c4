/* What sole and face have in common as they meet the sand. */

/** Force of the sand on a part of the head, N: against its way, and up. */
export interface Load {
  back: number;
  up: number;
}

/** Depth by which half of the strength of the surface bears, m. */
const STRENGTH_DEPTH = 0.003;

/** Strength of the surface that has come to bear at a depth, Pa. */
export const bearing = (strength: number, depth: number): number =>
  (strength * depth) / (depth + STRENGTH_DEPTH);

/**
 * How squarely a part of the head moves into the sand, from -1 to 1: its speed into the sand over itself and 0.12 of the
 * head's speed together, so that a part that hardly moves in hardly bears.
 *
 * @param into speed of the part into the sand, m/s
 * @param speed2 speed of the head squared, m^2/s^2
 */
export const facing = (into: number, speed2: number): number =>
  into / Math.sqrt(into * into + 0.0144 * speed2);
