import { drawnIn } from '@/core/ground/numeric/robust';
import type { Told } from './summary';

/** A place in a row of balls from which on something is otherwise, and how clearly. */
export interface Shift {
  what: 'mark' | 'far' | 'side';
  /** Balls before it. */
  after: number;
  /** Difference over its error. */
  z: number;
}

/** Fewest balls, and fewest of them that tell it, to either side. */
const SIDE = 8;
const TELLING = 4;

/** Places that are tried. */
const PLACES = 12;

const WHAT = ['mark', 'far', 'side'] as const;

/**
 * The clearest shift in a row of balls, in the order in which they were hit; null where there are too few. Values are drawn in about the
 * median of all first, so that a wild one makes none.
 */
export function clearestShift(told: readonly Told[]): Shift | null {
  let clearest: Shift | null = null;
  const last = told.length - SIDE;
  if (last < SIDE) return null;
  const step = Math.max(1, Math.round((last - SIDE) / PLACES));
  for (const what of WHAT) {
    // Plain loops: every player who is drawn comes through here.
    const at: number[] = [];
    const seen: number[] = [];
    for (let i = 0; i < told.length; i++) {
      const value = told[i]![what];
      if (value === undefined) continue;
      at.push(i);
      seen.push(value);
    }
    const n = at.length;
    if (n < 2 * TELLING) continue;
    const values = drawnIn(seen);
    let sum = 0;
    let squares = 0;
    for (const value of values) {
      sum += value;
      squares += value * value;
    }
    let before = 0;
    let count = 0;
    for (let after = SIDE; after <= last; after += step) {
      while (count < n && at[count]! < after) before += values[count++]!;
      const since = n - count;
      if (count < TELLING || since < TELLING) continue;
      const within = squares - (before * before) / count - (sum - before) ** 2 / since;
      const error = Math.sqrt((within / (n - 2)) * (1 / count + 1 / since));
      const z = Math.abs((sum - before) / since - before / count) / error;
      if (z > (clearest?.z ?? 0)) clearest = { what, after, z };
    }
  }
  return clearest;
}
