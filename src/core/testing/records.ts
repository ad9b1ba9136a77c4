import type { LearntFactors } from '@/core/ground/player/learnt';
import type { PlayerRecord } from '@/core/lesson/players/record';

/** A player's record: a middle right-hander with one wedge, and what a test says otherwise. */
export const aRecord = (fields: Partial<PlayerRecord> = {}): PlayerRecord => ({
  name: 'Ada',
  handed: 'right',
  skill: 'middle',
  cautions: [],
  schools: [],
  notes: '',
  bag: [{ name: '56', type: 'wedge', loft_deg: 56 }],
  ...fields,
});

/** A learning that changes nothing. */
export const PLAIN_LEARNT: LearntFactors = {
  version: 1,
  balls: 12,
  mark_bias_mm: 0,
  mark_scale: 1,
  distance: 1,
  distance_scale: 1,
  aim_bias_deg: 0,
  aim_scale: 1,
  clubs: [],
};
