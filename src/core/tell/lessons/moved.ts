import { t } from '@/core/tell/language/t';
import { LESSON_Z } from '@/core/lesson/review/luck';
import { shareMoved, type Share } from '@/core/lesson/review/stats';

const FEWEST = 3;

const percent = (share: number): string => `${Math.round(share * 100)}%`;

/**
 * How the share of balls that came out moved from the first half at each station to the second; empty with too few balls. Of eight lessons of
 * a player who does not change none is said to have moved in 98 of 100 months (tried in `halves.test.ts`).
 */
export function outMovedWords(first: Share, second: Share): string {
  if (first.of < FEWEST || second.of < FEWEST) return '';
  const before = percent(first.share);
  const after = percent(second.share);
  if (before === after) return t('{before} in both halves at each station', { before });
  const moved = shareMoved(first, second, LESSON_Z);
  const apart = moved.low > 0 || moved.high < 0;
  return t('{before} in the first half at each station, {after} in the second{apart}', {
    before,
    after,
    apart: apart ? '' : ` ${t('(too few balls to be sure)')}`,
  });
}
