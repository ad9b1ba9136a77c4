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
