import { told } from '@/core/ground/language/told';
import { t } from '@/core/ground/language/t';
import type { BodyCaution } from '@/core/ground/player/player';
import type { Drill, Load } from './drill';

/**
 * Most balls of a load in one session. Tuned to what coaches say: a buried lie or a full swing in sand jars wrists, elbows and back.
 */
const MOST: Record<Load, number> = { light: 60, full: 30, buried: 10 };

/** Where a part of the body is to be spared. */
const MOST_SPARING: Record<Load, number> = { light: 30, full: 10, buried: 0 };

/**
 * Most balls of a load in one session for a player; 0 where it is not to be practised at all.
 *
 * @example
 * mostBalls('buried', []); // => 10
 * mostBalls('buried', ['wrist']); // => 0
 */
export const mostBalls = (load: Load, cautions: readonly BodyCaution[]): number =>
  (cautions.length > 0 ? MOST_SPARING : MOST)[load];

const LOAD_CARE: Record<Load, string> = told({
  light: '',
  full: 'Full swings in sand load wrists, elbows and back: start at half effort and stop when anything hurts.',
  buried:
    'Buried lies jar wrists, elbows and back: few balls, start at half effort, none with a fresh injury. Feel for stones and roots first.',
});

/** What has to be minded with a drill, a sentence each. */
export function careOf({ load, marks }: Pick<Drill, 'load' | 'marks'>): string[] {
  return [
    LOAD_CARE[load],
    marks.length > 0
      ? t(
          'Lines, marks and tests of the sand are for practice areas only. In play the Rules of Golf do not allow them.',
        )
      : '',
    t('Nobody ahead of or level with the player, and nobody on the line.'),
  ].filter((sentence) => sentence !== '');
}
