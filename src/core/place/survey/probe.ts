import { GRAVITY } from '@/core/ground/ball/ball';
import { bisectRising } from '@/core/ground/numeric/bisect';
import { student } from '@/core/ground/numeric/student';
import { sandOfFirmness } from '@/core/ground/sand/sandOf';
import type { Sand } from '@/core/ground/sand/presets';

/** The rod that is dropped: half a kilogram with a flat end of 10 mm across, let go half a metre above the sand. */
export const ROD = { mass: 0.5, area: Math.PI * 0.005 ** 2, height: 0.5 } as const;

/**
 * How deep the rod goes into sand, m: what it falls through pays for pushing through a strength that grows with depth,
 * m g (h + d) = A (s d + k d^2 / 2), solved for d.
 *
 * @example
 * dropDepth({ strength: 3000, stiffness: 10e6 }).toFixed(3); // => '0.085'
 */
export function dropDepth({ strength, stiffness }: Pick<Sand, 'strength' | 'stiffness'>): number {
  const weight = ROD.mass * GRAVITY;
  const a = (ROD.area * stiffness) / 2;
  const b = ROD.area * strength - weight;
  return (-b + Math.sqrt(b * b + 4 * a * weight * ROD.height)) / (2 * a);
}

/** Firmness of a sand from drops of the rod, with an interval that holds it nineteen times in twenty. */
export interface Probed {
  firmness: number;
  low: number;
  high: number;
  drops: number;
}

const HALVINGS = 30;

/** Fewer drops than this say nothing of how they differ. */
export const LEAST_DROPS = 3;

/** The firmness in which the rod goes so deep; the end of the scale for what is beyond it. */
function firmnessAt(depth: number): number {
  const short = (firmness: number): number => depth - dropDepth(sandOfFirmness(firmness));
  if (short(0) >= 0) return 0;
  if (short(1) <= 0) return 1;
  return bisectRising(short, 0, 1, HALVINGS);
}

/**
 * The firmness of sand from several drops of the rod: that in which it would go as deep as on the mean, and those for the ends of
 * Student's interval of the mean.
 *
 * @param depths m, three or more, each above 0
 * @throws RangeError for fewer
 */
export function probed(depths: readonly number[]): Probed {
  const n = depths.length;
  if (n < LEAST_DROPS || depths.some((depth) => !(depth > 0))) {
    throw new RangeError(`probed: ${LEAST_DROPS} or more depths above 0 are needed`);
  }
  const mean = depths.reduce((sum, depth) => sum + depth, 0) / n;
  const variance = depths.reduce((sum, depth) => sum + (depth - mean) ** 2, 0) / (n - 1);
  const half = student(n - 1, 0.05) * Math.sqrt(variance / n);
  return {
    firmness: firmnessAt(mean),
    low: firmnessAt(mean + half),
    high: firmnessAt(Math.max(1e-6, mean - half)),
    drops: n,
  };
}
