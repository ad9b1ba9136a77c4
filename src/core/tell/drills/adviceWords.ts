import { t } from '@/core/tell/language/t';
import { sayLength } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { costlyFrom, type ShotWorth } from '@/core/lesson/worth/worth';

/** Where the club that is usually taken costs strokes, in a sentence; empty where it hardly does. */
export function clubAdvice(
  shots: readonly ShotWorth[],
  habit: string | null,
  units: UnitSystem,
): string {
  const from = habit && costlyFrom(shots);
  if (!from) return '';
  const pin = sayLength(from.pin, 'ground', units);
  const where = from.side === 'past' ? t('past {pin}', { pin }) : t('inside {pin}', { pin });
  return t('Stop taking the {habit} {where}: it costs {lost} strokes a shot there.', {
    habit,
    where,
    lost: from.lost.toFixed(2),
  });
}
