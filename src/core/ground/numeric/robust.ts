import { median } from './order';

/** 1.4826 times the median distance from the median is the standard deviation of normal values. */
const NORMAL = 1.4826;

/** How far out a value counts in full, deviations: P. J. Huber's usual 1.5 for a middle; for a spread. */
const HUBER = 1.5;
const CUT = 2.5;
const STEPS = 3;

/** Median, and the median distance from it as a normal's standard deviation. */
function centred(values: readonly number[]): { centre: number; deviation: number } {
  const centre = median(values);
  const away = Float64Array.from(values);
  for (let i = 0; i < away.length; i++) away[i] = Math.abs(away[i]! - centre);
  return { centre, deviation: NORMAL * median(away) };
}

/**
 * Values drawn in to 2.5 deviations of their median (the median absolute deviation, scaled to a normal's standard deviation), in their
 * order: a wild one hardly matters then. Throws RangeError on an empty list.
 *
 * @example
 * [...drawnIn([1, 2, 3, 4, 1000])].map((value) => value.toFixed(1)); // => ['1.0', '2.0', '3.0', '4.0', '6.7']
 */
export function drawnIn(values: readonly number[]): Float64Array {
  const { centre, deviation } = centred(values);
  const most = CUT * deviation;
  const drawn = Float64Array.from(values);
  for (let i = 0; i < drawn.length; i++)
    drawn[i] = Math.max(centre - most, Math.min(centre + most, drawn[i]!));
  return drawn;
}

/** Where values lie, and how widely. */
export interface Middle {
  middle: number;
  spread: number;
}

/**
 * Where values lie and how widely, so that a wild one hardly matters: P. J. Huber's M-estimate (Annals of Mathematical Statistics 35, 1964)
 * about the median with the median absolute deviation as its scale, and the standard deviation of the values drawn in to 2.5 of those. A
 * little under that of normal values. Throws RangeError on an empty list.
 *
 * @example
 * robustly([1, 2, 3, 4, 1000]).middle.toFixed(1); // => '3.1'
 */
export function robustly(values: readonly number[]): Middle {
  const n = values.length;
  const { centre, deviation } = centred(values);
  let middle = centre;
  const most = HUBER * deviation;
  for (let step = 0; step < STEPS && most > 0; step++) {
    let sum = 0;
    for (const value of values) sum += Math.max(-most, Math.min(most, value - middle));
    middle += sum / n;
  }
  let sum = 0;
  let squares = 0;
  for (const value of values) {
    const off = Math.max(-CUT * deviation, Math.min(CUT * deviation, value - centre));
    sum += off;
    squares += off * off;
  }
  const spread = n < 2 ? 0 : Math.sqrt(Math.max(0, squares - (sum * sum) / n) / (n - 1));
  return { middle, spread };
}
