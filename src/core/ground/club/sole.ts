import { clamp } from '../numeric/soft';
import type { Club } from './club';

/** How far a sole of camber 1 bulges below the chord between its edges, as a share of its width. Middling of the trade. */
const BULGE = 0.16;

/**
 * Bulge of a cambered sole below its chord, as a share of its width: a parabola, 4 x 0.16 camber u (1 - u).
 *
 * @param u from the leading edge (0) to the trailing edge (1)
 * @example
 * bulgeAt(1, 0.5); // => 0.16
 * bulgeAt(0.65, 0); // => 0
 */
export const bulgeAt = (camber: Club['camber'], u: number): number =>
  4 * BULGE * camber * u * (1 - u);

/**
 * Slope of a cambered sole against its chord: it falls away behind the leading edge and rises to the trailing one.
 *
 * @param u from the leading edge (0) to the trailing edge (1)
 * @example
 * tiltAt(1, 0); // => 0.64
 * tiltAt(1, 0.5); // => 0
 */
export const tiltAt = (camber: Club['camber'], u: number): number =>
  4 * BULGE * camber * (1 - 2 * u);

/**
 * How far the lowest part of a sole hangs below its leading edge, m: the greatest of u x + bulge(u) z over its width, for
 * the outward normal (x forward, z down) of its chord.
 *
 * @example
 * lowestHang({ sole: 0.02, camber: 0 }, 0); // => 0
 * lowestHang({ sole: 0.02, camber: 1 }, 0).toFixed(4); // => '0.0032'
 */
export function lowestHang({ sole, camber }: Pick<Club, 'sole' | 'camber'>, x: number): number {
  const z = Math.sqrt(Math.max(0, 1 - x * x));
  const bulge = 8 * BULGE * camber * z;
  const u = bulge > 0 ? clamp(0.5 + x / bulge, 0, 1) : x > 0 ? 1 : 0;
  return sole * (u * x + bulgeAt(camber, u) * z);
}

/** Where along a sole its load is taken, from leading edge (0) to trailing edge (1): Gauss-Legendre, three points. */
const PLACES = [0.112701665379258, 0.5, 0.887298334620742] as const;
const WEIGHTS = [5 / 18, 8 / 18, 5 / 18] as const;

/** A part of a sole, with what of its geometry does not change as the head moves. */
export interface SolePart {
  /** Share of the sole that it stands for, and its width, m. */
  share: number;
  width: number;
  /** Width of the sole in front of it, and bulge of the sole at it, m. */
  behind: number;
  bulge: number;
  /** Cosine and sine of its tilt against the chord. */
  level: number;
  steep: number;
}

/** A sole in parts, from leading to trailing edge. */
export type SoleShape = readonly [SolePart, SolePart, SolePart];

/** The parts that a sole's load is summed over. */
export function soleShape({ sole, camber }: Pick<Club, 'sole' | 'camber'>): SoleShape {
  const part = (i: 0 | 1 | 2): SolePart => {
    const tilt = tiltAt(camber, PLACES[i]);
    const level = 1 / Math.hypot(1, tilt);
    return {
      share: WEIGHTS[i],
      width: WEIGHTS[i] * sole,
      behind: sole * PLACES[i],
      bulge: sole * bulgeAt(camber, PLACES[i]),
      level,
      steep: tilt * level,
    };
  };
  return [part(0), part(1), part(2)];
}
