import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import type { Drill, Load } from '@/core/lesson/drills/drill';

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
