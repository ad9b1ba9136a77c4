import type { Golfer } from '@/core/model/golfer/golfer';
import type { Hit } from '@/core/model/shot/hit';
import { readyFor } from '@/core/model/shot/play';
import { seenAll } from '@/core/model/odds/seenAll';
import { AS_MEANT } from '@/core/model/swing/swingError';

/** How far the ball of a call goes from marks nearer and further than meant, as logarithms of m: where it lands, and where it stops. */
export interface Reach {
  carry: number[];
  stop: number[];
}

/** Marks that it is worked out for, m further back than meant. */
const FIRST = -0.05;
const STEP = 0.0125;
const COUNT = 11;

/** Shorter than this says only that it stayed at the feet, m. */
const LEAST = 0.2;

/** The reach of a call in the hands of a golfer. */
export function reachOf({ setup, aim, shot }: Hit, golfer: Golfer): Reach {
  const ready = readyFor(setup, golfer, shot);
  const marks = Array.from({ length: COUNT }, (_, i) => ({ ...AS_MEANT, mark: FIRST + STEP * i }));
  const seen = seenAll(ready, aim, marks);
  return {
    carry: seen.map(({ carry }) => Math.log(Math.max(LEAST, carry))),
    stop: seen.map(({ x, y }) => Math.log(Math.max(LEAST, Math.hypot(x, y)))),
  };
}

/** The logarithm at a mark, on a straight line between those worked out. */
export function reachFrom(values: readonly number[], mark: number): number {
  const at = Math.max(0, Math.min(COUNT - 1.001, (mark - FIRST) / STEP));
  const i = Math.floor(at);
  return values[i]! + (at - i) * (values[i + 1]! - values[i]!);
}
