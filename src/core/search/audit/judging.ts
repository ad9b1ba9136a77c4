import { meanOf } from '@/core/ground/numeric/mean';
import type { Habits } from '@/core/model/golfer/habits';
import { sampleSwings } from '@/core/model/spread/swings';
import type { SwingError } from '@/core/model/swing/swingError';
import type { ClubResult } from './bestWithClub';
import type { MixedShot } from './mix';

/** Sets of swings that a choice is judged on, each scattered anew, and how many swings a set has. */
const SETS = 16;
const OF_SET = 16;

/** Swings that a choice is judged on. */
export const JUDGE = SETS * OF_SET;

/**
 * Swings to judge a choice on, set after set. Swings of one set are spread evenly, so that they err less than as many at
 * random would: only from set to set can it be seen how far they err (randomised quasi-Monte Carlo: A. Owen, Annals of Statistics 25, 1997).
 *
 * @param seed same seed, same swings
 */
export const judgingSwings = (habits: Habits, seed: number): SwingError[] =>
  Array.from({ length: SETS }, (_, set) => sampleSwings(habits, OF_SET, seed + set)).flat();

/**
 * Weighted mean of what is saved over a mix on {@link judgingSwings}, swing against the same swing, and its standard error: that of the
 * mean of the sets.
 *
 * @param now what is done today, shot by shot
 * @param then what would be done
 */
export function judgedSaving(
  now: readonly ClubResult[],
  then: readonly ClubResult[],
  mix: readonly MixedShot[],
): { saving: number; error: number } {
  const ofSets = new Array<number>(SETS).fill(0);
  mix.forEach(({ weight }, i) => {
    const a = now[i]!.strokes;
    const b = then[i]!.strokes;
    for (let j = 0; j < JUDGE; j++)
      ofSets[Math.floor(j / OF_SET)]! += (weight * (a[j]! - b[j]!)) / OF_SET;
  });
  const saving = meanOf(ofSets);
  const square = ofSets.reduce((sum, value) => sum + (value - saving) ** 2, 0) / (SETS - 1);
  return { saving, error: Math.sqrt(square / SETS) };
}
