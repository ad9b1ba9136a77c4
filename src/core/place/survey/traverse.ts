import { PACE_DOUBT, stepped } from '@/core/ground/measure/pacing';
import { meanOf } from '@/core/ground/numeric/mean';
import { radians } from '@/core/ground/units/angle';
import { bearingOf, towardBearing } from '../outline/direction';
import type { Point } from '../outline/ring';

/** One side of an outline, walked. */
export interface Leg {
  paces: number;
  /** Degrees clockwise from north, or from any other direction that all legs are read against. */
  bearing: number;
  /** Standard uncertainty of the bearing, degrees. */
  bearingSpread: number;
}

/** An outline that was walked round, closed. */
export interface Traverse {
  /** Corners from the peg, which is the first; one for each leg. */
  corners: Point[];
  /** By how much the walk missed the peg, m, and in which direction it ended from it, degrees. */
  missed: number;
  missedToward: number;
  /** What paces and bearings like these miss by, m: root of the mean square. */
  expected: number;
  /** Half of the distance within which each corner lies of where it is against the peg, in nine of ten walks and more, m. */
  spreads: number[];
  /** True where the walk misses by more than it should; which leg is behind that the miss alone cannot tell. */
  odd: boolean;
}

/** A symmetric matrix of two rows. */
interface Doubt {
  xx: number;
  xy: number;
  yy: number;
}

const plus = (a: Doubt, b: Doubt): Doubt => ({ xx: a.xx + b.xx, xy: a.xy + b.xy, yy: a.yy + b.yy });

const times = ({ xx, xy, yy }: Doubt, [x, y]: Point): Point => [xx * x + xy * y, xy * x + yy * y];

function inverse({ xx, xy, yy }: Doubt): Doubt {
  const det = xx * yy - xy * xy;
  return { xx: yy / det, xy: -xy / det, yy: xx / det };
}

/** A walk that misses by more than so many times what is expected holds a slip. */
const SLIP = 2.5;

/**
 * A walk round an outline back to the peg, closed by least squares: each leg gives way by its share of the doubt, along it by that of the
 * paces and across it by that of the bearing. With the legs' displacements d, their covariances C and the misclosure e = sum d, the
 * closest closed walk is d - C S^-1 e with S = sum C (conditional least squares, as surveyors adjust a traverse; P. R. Wolf and
 * C. D. Ghilani, "Adjustment Computations", 2006).
 *
 * @param legs three or more, the last one back to the peg
 * @param paceLength m
 * @throws RangeError for fewer legs
 * @example
 * closed([0, 90, 180, 270].map((bearing) => ({ paces: 5, bearing, bearingSpread: 3 })), 0.8).missed.toFixed(3); // => '0.000'
 */
export function closed(legs: readonly Leg[], paceLength: number): Traverse {
  if (legs.length < 3) throw new RangeError(`closed: ${legs.length} legs enclose nothing`);
  const walked = legs.map(({ paces, bearing, bearingSpread }) => {
    // A pace that is off throughout, like a compass, makes the outline larger, or turns it: the walk closes all the same.
    const { value, sd } = stepped(paces, paceLength);
    const [ux, uy] = towardBearing(bearing);
    const across = value * radians(bearingSpread);
    const step: Point = [value * ux, value * uy];
    const doubt: Doubt = {
      xx: (sd * ux) ** 2 + (across * uy) ** 2,
      xy: (sd * sd - across * across) * ux * uy,
      yy: (sd * uy) ** 2 + (across * ux) ** 2,
    };
    return { step, doubt };
  });
  const missed = walked.reduce<Point>((at, { step }) => [at[0] + step[0], at[1] + step[1]], [0, 0]);
  const all = walked.map(({ doubt }) => doubt).reduce(plus);
  const pull = times(inverse(all), missed);
  const turned = Math.hypot(
    PACE_DOUBT,
    radians(meanOf(legs.map(({ bearingSpread }) => bearingSpread))),
  );
  const corners: Point[] = [];
  const spreads: number[] = [];
  let at: Point = [0, 0];
  let sum: Doubt = { xx: 0, xy: 0, yy: 0 };
  for (const { step, doubt } of walked) {
    corners.push(at);
    spreads.push(Math.hypot(spreadOf(sum, all), REACH * turned * Math.hypot(...at)));
    const given = times(doubt, pull);
    at = [at[0] + step[0] - given[0], at[1] + step[1] - given[1]];
    sum = plus(sum, doubt);
  }
  const length = Math.hypot(...missed);
  const expected = Math.sqrt(all.xx + all.yy);
  return {
    corners,
    missed: length,
    missedToward: length > 0 ? bearingOf([0, 0], missed) : 0,
    expected,
    spreads,
    odd: length > SLIP * expected,
  };
}

/** Of deviations east and north that are added in squares, so much is half of what holds nine in ten walks and more. */
const REACH = Math.sqrt(0.75);

/** Half the reach of a corner that the walk before it leaves: C - C S^-1 C, as one length. */
function spreadOf(before: Doubt, all: Doubt): number {
  const share = inverse(all);
  const [east] = times(before, times(share, [before.xx, before.xy]));
  const [, north] = times(before, times(share, [before.xy, before.yy]));
  return REACH * Math.sqrt(Math.max(0, before.xx - east + before.yy - north));
}
