import { told } from '@/core/ground/language/told';
import { t } from '@/core/ground/language/t';
import { degrees } from '@/core/ground/units/angle';
import { chanceWords } from '@/core/tell/words/words';
import { turnsApart } from '../outline/direction';
import type { Petal } from './petal';

/** Directions that are looked at, every ten degrees from the line to the flag. */
export const PETALS = 36;

/** Turns to the right of the line to the flag, radians from -pi to pi; the flag's own is left out. */
export const PETAL_TURNS: readonly number[] = Array.from({ length: PETALS }, (_, i) => {
  const turn = (2 * Math.PI * i) / PETALS;
  return turn > Math.PI + 1e-9 ? turn - 2 * Math.PI : turn;
}).slice(1);

/** Names of the eighths of the circle, from the flag to the right. */
const EIGHTHS = told([
  'at the flag',
  'ahead and right',
  'right',
  'back right',
  'back',
  'back left',
  'left',
  'ahead and left',
] as const);

/**
 * A direction in words, as the player sees it who faces the flag.
 *
 * @param toward turned to the right, radians
 * @example
 * directionWords(-2.3); // => 'back left'
 */
export function directionWords(toward: number): string {
  const eighth = Math.round((degrees(toward) + 360) / 45) % 8;
  if (eighth !== 0) return EIGHTHS[eighth]!;
  return Math.abs(toward) < 1e-9
    ? EIGHTHS[0]
    : t('a little {toward} of the flag', { toward: toward > 0 ? t('right') : t('left') });
}

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

/** Differences smaller than this are none, strokes. */
const SAME = 0.05;

/**
 * A direction in a line: where it leads, how often it gets out, and what it costs compared with going at the flag.
 *
 * @param flag strokes with the best call at the flag; null where nothing gets out there
 * @example
 * petalWords({ toward: -2.3, out: 0.91, strokes: 3.3 }, 3.0); // => 'back left: out about 9 in 10, costs 0.3 compared with going at the flag'
 */
export function petalWords(
  { toward, out, strokes }: Pick<Petal, 'toward' | 'out'> & { strokes: number },
  flag: number | null,
): string {
  const gets = t('{direction}: out {chance}', {
    direction: directionWords(toward),
    chance: chanceWords(out),
  });
  if (flag === null)
    return t('{gets}, {strokes} strokes to hole out', { gets, strokes: strokes.toFixed(1) });
  const more = strokes - flag;
  if (Math.abs(more) < SAME) return t('{gets}, as good as going at the flag', { gets });
  return more > 0
    ? t('{gets}, costs {more} compared with going at the flag', { gets, more: more.toFixed(1) })
    : t('{gets}, saves {more} compared with going at the flag', { gets, more: (-more).toFixed(1) });
}
