import type { LearntFactors } from '@/core/ground/player/learnt';
import type { RosterPlayer } from '@/core/lesson/players/player';
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

/** The same as a player of the roster: "ada", and what a test says otherwise. */
export const aRosterPlayer = (fields: Partial<RosterPlayer> = {}): RosterPlayer => ({
  ...aRecord(),
  id: 'ada',
  archived: false,
  updatedAt: '2026-05-02T10:00:00Z',
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

/** A greenside shot of a middle player with four wedges, as the outside format has it. */
export const aSituation = () => ({
  player: {
    handed: 'right',
    skill: 'middle',
    bag: [
      { name: 'PW', type: 'wedge', loft_deg: 46, bounce_deg: 6, stock_carry_yd: 110 },
      { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10, stock_carry_yd: 92 },
      { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
      { name: '60', type: 'wedge', loft_deg: 60, bounce_deg: 8, stock_carry_yd: 72 },
    ],
  },
  shot: {
    pin_yd: 16,
    edge_yd: 9,
    lip: { height_ft: 3, distance_ft: 7 },
    lie: 'clean',
    sand: { preset: 'medium' },
  },
});
