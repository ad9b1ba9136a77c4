import { degrees } from '@/core/ground/units/angle';
import { turnsApart } from '../outline/direction';
import type { Petal } from './petal';

/** Directions that are looked at, every ten degrees from the line to the flag. */
export const PETALS = 36;

/** Turns to the right of the line to the flag, radians from -pi to pi; the flag's own is left out. */
export const PETAL_TURNS: readonly number[] = Array.from({ length: PETALS }, (_, i) => {
  const turn = (2 * Math.PI * i) / PETALS;
  return turn > Math.PI + 1e-9 ? turn - 2 * Math.PI : turn;
}).slice(1);

/** Directions that are named stand at least so far apart, degrees; a way that costs this much more than the best is not. */
const APART = 50;
const WORSE = 0.6;
const MOST_NAMED = 3;

/** Beside the flag a way out is worth a name only where its lip asks for so much less than at the flag, degrees. */
const BESIDE = 30;
const LOWER = 5;

/**
 * The directions that a coach would think of: those that cost least, well apart from each other, best first.
 *
 * @param flagAsks the start angle that the lip asks at the flag, radians
 */
export function sensible(
  petals: readonly Petal[],
  flagAsks: number,
): (Petal & { strokes: number })[] {
  const out = petals
    .flatMap((petal) => (petal.strokes === null ? [] : [{ ...petal, strokes: petal.strokes }]))
    .filter(
      ({ toward, asks }) => turnsApart(toward, 0) > BESIDE || degrees(flagAsks - asks) >= LOWER,
    )
    .sort((a, b) => a.strokes - b.strokes);
  const named: (Petal & { strokes: number })[] = [];
  for (const petal of out) {
    if (named.length >= MOST_NAMED || petal.strokes > out[0]!.strokes + WORSE) break;
    if (named.every(({ toward }) => turnsApart(toward, petal.toward) >= APART)) named.push(petal);
  }
  return named;
}
