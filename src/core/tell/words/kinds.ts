import { told } from '@/core/tell/language/told';
import type { Kind } from '@/core/search/schools/school';

/** What each kind of shot is called. */
export const KIND_WORDS: Record<Kind, string> = told({
  splash: 'splash',
  'long-splash': 'long splash',
  pick: 'picked clean',
  dig: 'explosion',
  chip: 'chip and run',
  putt: 'putt',
  'out-sideways': 'out sideways',
  relief: 'relief',
});
