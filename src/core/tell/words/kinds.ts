import type { Kind } from '@/core/search/schools/school';

/** Kinds of shot: as they are named, and as what a club does. */
export const KIND_WORDS: Record<Kind, { name: string; done: string }> = {
  splash: { name: 'splash', done: 'splash' },
  'long-splash': { name: 'long splash', done: 'long splash' },
  pick: { name: 'picked clean', done: 'picked clean' },
  dig: { name: 'explosion', done: 'explosion' },
  chip: { name: 'chip and run', done: 'chip and run' },
  putt: { name: 'putt', done: 'putt' },
  'out-sideways': { name: 'out sideways', done: 'out sideways' },
  relief: { name: 'relief', done: 'relief' },
};
