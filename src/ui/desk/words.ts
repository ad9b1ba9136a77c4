import { schoolName } from '@/core/search/schools/schools';
import type { Kind } from '@/core/search/schools/school';

/** Kinds of shot as they are said. */
export const KIND_WORDS: Record<Kind, string> = {
  splash: 'splash',
  'long-splash': 'long splash',
  pick: 'picked clean',
  dig: 'dug out',
  chip: 'chipped to run',
  putt: 'putted',
  'out-sideways': 'out sideways',
  relief: 'relief',
};

/** A school in a word or two: its id without the hyphens. */
export const shortSchoolName = (id: string): string => id.replaceAll('-', ' ');

export { schoolName };
