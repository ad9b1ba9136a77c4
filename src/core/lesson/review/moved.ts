import { t } from '@/core/ground/language/t';
import { shareMoved, type Share } from './stats';

const FEWEST = 3;

const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** How the share of balls that came out moved from the first half to the second; empty with too few balls. */
export function outMovedWords(first: Share, second: Share): string {
  if (first.of < FEWEST || second.of < FEWEST) return '';
  const before = percent(first.share);
  const after = percent(second.share);
  if (before === after) return t('{before} in both halves', { before });
  const moved = shareMoved(first, second);
  const apart = moved.low > 0 || moved.high < 0;
  return t('{before} in the first half, {after} in the second{apart}', {
    before,
    after,
    apart: apart ? '' : ` ${t('(too few balls to be sure)')}`,
  });
}
