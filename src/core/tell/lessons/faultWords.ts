import { t } from '@/core/tell/language/t';
import { told } from '@/core/tell/language/told';
import type { Evidence } from '@/core/lesson/faults/find';
import { lookWords } from './causeWords';

const FEATURE_WORDS: Record<Exclude<Evidence['what'], 'sign'>, string> = told({
  mark: 'where the club enters',
  'mark spread': 'how much the entry point varies',
  far: 'distance for the entry point',
  'far spread': 'how much the distance varies',
  run: 'how far the ball runs',
  side: 'where the ball starts',
  'side spread': 'how much the start direction varies',
  thin: 'how often it is thin',
  failed: 'how often it stays in the bunker',
  depth: 'depth of the divot',
  length: 'length of the divot',
});

/** A piece of evidence in words. */
export function evidenceWords({ what, sign, seen }: Evidence): string {
  if (what !== 'sign') return FEATURE_WORDS[what];
  const look = lookWords({ id: sign ?? '' });
  return seen ? t('“{look}” (yes)', { look }) : t('“{look}” (no)', { look });
}
