import { predictionEllipse, type Ellipse } from '@/core/ground/numeric/ellipse';
import { deviationFactor, smallness } from '@/core/ground/numeric/fewBalls';
import { median, nextWithin } from '@/core/ground/numeric/order';
import type { LoggedFields } from '../balls/ball';

/** A share with the interval that holds it nineteen times in twenty. */
export interface Share {
  count: number;
  of: number;
  share: number;
  low: number;
  high: number;
}

const Z = 1.959964;

/**
 * A share with its interval, of 95 % where no other deviate is given, by E. B. Wilson's score method (Journal of the American Statistical Association 22, 1927):
 * right for few balls, and for none or all of them.
 *
 * @example
 * shareOf(10, 10).high.toFixed(2); // => '1.00'
 * shareOf(10, 10).low.toFixed(2); // => '0.72'
 */
export function shareOf(count: number, of: number, z = Z): Share {
  if (of === 0) return { count, of, share: 0, low: 0, high: 1 };
  const p = count / of;
  const z2 = z * z;
  const middle = (p + z2 / (2 * of)) / (1 + z2 / of);
  const half = (z / (1 + z2 / of)) * Math.sqrt((p * (1 - p)) / of + z2 / (4 * of * of));
  return { count, of, share: p, low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}

/**
 * How much a share moved from one set of balls to another, with the interval of the difference (95 % where no other deviate is given) by
 * R. G. Newcombe's tenth method (Statistics in Medicine 17, 1998), from the intervals of both.
 *
 * @example
 * const { low, high } = shareMoved(shareOf(4, 10), shareOf(9, 10));
 * `${low.toFixed(2)} ${high.toFixed(2)}`; // => '0.08 0.75'
 */
export function shareMoved(
  first: Share,
  second: Share,
  z = Z,
): { by: number; low: number; high: number } {
  const [before, after] = [shareOf(first.count, first.of, z), shareOf(second.count, second.of, z)];
  const by = after.share - before.share;
  return {
    by,
    low: by - Math.hypot(after.share - after.low, before.high - before.share),
    high: by + Math.hypot(after.high - after.share, before.share - before.low),
  };
}

/** What a set of balls comes to. Lengths in m. */
export interface BallStats {
  balls: number;
  /** Balls that came out of the bunker, of those whose finish or carry is known. */
  out: Share;
  thin: Share;
  /** Balls that were holed with the next stroke at most, of those whose strokes were counted. */
  upAndDown: Share;
  /** Mark behind where it was meant: mean and standard deviation; null for too few. */
  entry: { bias: number; spread: number; of: number } | null;
  /** Carry over the carry of the call: median, and the middle half of the ratios. */
  carry: { ratio: number; spread: number; of: number } | null;
  /** Where they stopped about the flag: bias along and to the right, and the ellipse of eight in ten. */
  finish: {
    along: number;
    right: number;
    of: number;
    ellipse: Ellipse | null;
    /** How far from the flag balls stopped: the middle one, and within what a further one does in eight of ten; null for too few. */
    proximity: { middle: number; eightInTen: number | null };
    /** Standard deviations along and across; null for too few. */
    spread: { along: number; right: number } | null;
  } | null;
}

/** A ball with what it was meant to be. */
export interface StatBall extends LoggedFields {
  excluded?: string;
  entryMeant: number;
  carryMeant: number;
  /** Ball to the flag, and to the lip, m. */
  pin: number;
  lip: number;
}

const FEWEST = 3;
/** Of fewer finishes an ellipse that is honest is as wide as the green. */
const FEWEST_OF_ELLIPSE = 5;
const SHARE = 0.8;

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** True when a ball left the sand, false when it did not, undefined when nobody knows. */
export function cameOut(ball: StatBall): boolean | undefined {
  if (ball.strike === 'lip') return false;
  const reached = ball.along_m ?? ball.carry_m;
  return reached === undefined ? undefined : reached > ball.lip;
}

/** Median of carries over those called, and the middle half about it as a standard deviation; null for too few. */
function carryOf(ratios: readonly number[]): BallStats['carry'] {
  if (ratios.length < FEWEST) return null;
  const ratio = median(ratios);
  const off = median(ratios.map((value) => Math.abs(value - ratio)));
  const spread = deviationFactor(ratios.length) * off;
  return { ratio, spread, of: ratios.length };
}

/** Standard deviation of a few values: that of the sample over what it comes short by. */
const spreadOf = (values: readonly number[]): number => {
  const middle = mean(values);
  const squares = values.reduce((sum, v) => sum + (v - middle) ** 2, 0);
  return Math.sqrt(squares / (values.length - 1)) / smallness(values.length);
};

/** Where balls stopped around the flag: [along, right] of each; null for none. */
function finishOf(finishes: readonly [number, number][]): BallStats['finish'] {
  if (finishes.length === 0) return null;
  const along = finishes.map(([each]) => each);
  const right = finishes.map(([, each]) => each);
  const far = finishes.map(([a, r]) => Math.hypot(a, r));
  return {
    along: mean(along),
    right: mean(right),
    of: finishes.length,
    ellipse: finishes.length < FEWEST_OF_ELLIPSE ? null : predictionEllipse(finishes, SHARE),
    proximity: { middle: median(far), eightInTen: nextWithin(far, SHARE) },
    spread: finishes.length < FEWEST ? null : { along: spreadOf(along), right: spreadOf(right) },
  };
}

/** What a set of balls comes to; those that were excluded do not count. */
export function statsOf(all: readonly StatBall[]): BallStats {
  const balls = all.filter(({ excluded }) => !excluded);
  const known = balls.map(cameOut).filter((out) => out !== undefined);
  const struck = balls.filter(({ strike }) => strike !== undefined);
  const entries = balls.flatMap(({ entry_m, entryMeant }) =>
    entry_m === undefined ? [] : [entry_m - entryMeant],
  );
  const ratios = balls.flatMap(({ carry_m, carryMeant }) =>
    carry_m === undefined || carryMeant <= 0 ? [] : [carry_m / carryMeant],
  );
  const finishes = balls.flatMap(({ along_m, right_m, pin }): [number, number][] =>
    along_m === undefined ? [] : [[along_m - pin, right_m ?? 0]],
  );
  const counted = balls.filter(({ strokes_after }) => strokes_after !== undefined);
  return {
    balls: balls.length,
    out: shareOf(known.filter(Boolean).length, known.length),
    thin: shareOf(struck.filter(({ strike }) => strike === 'thin').length, struck.length),
    upAndDown: shareOf(
      counted.filter(({ strokes_after }) => strokes_after! <= 1).length,
      counted.length,
    ),
    entry:
      entries.length < FEWEST
        ? null
        : { bias: mean(entries), spread: spreadOf(entries), of: entries.length },
    carry: carryOf(ratios),
    finish: finishOf(finishes),
  };
}
