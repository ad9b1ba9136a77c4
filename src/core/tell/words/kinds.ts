import type { Kind } from '@/core/search/schools/school';

/** Kinds of shot: as they are named, and as what a club does. */
export const KIND_WORDS: Record<Kind, { name: string; done: string }> = {
  splash: { name: 'splash', done: 'splashed' },
  'long-splash': { name: 'long splash', done: 'splashed long' },
  pick: { name: 'picked clean', done: 'picked' },
  dig: { name: 'dug out', done: 'dug out' },
  chip: { name: 'chipped to run', done: 'chipped' },
  putt: { name: 'putted', done: 'putted' },
  'out-sideways': { name: 'out sideways', done: 'out sideways' },
  relief: { name: 'relief', done: 'relief' },
};
