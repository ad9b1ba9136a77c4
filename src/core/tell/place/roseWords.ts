import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { degrees } from '@/core/ground/units/angle';
import { chanceWords } from '@/core/tell/words/words';
import type { Petal } from '@/core/place/rose/petal';

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
