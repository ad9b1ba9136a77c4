import { HALVES, type Comparison } from '@/core/lesson/review/parts';
import { t } from '../language/t';

/** What a part of the balls is called: halves by their place in the lesson, others by the name that they were given. */
export function partName(by: Comparison, name: string): string {
  if (by !== 'halves') return name;
  return name === HALVES[0] ? t('first half at each station') : t('second half at each station');
}
