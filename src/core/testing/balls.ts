import type { CallRecord } from '@/core/contract/shot/setup';
import type { NewBall } from '@/core/lesson/balls/ball';

/** A plain splash as a ball keeps it. */
export const A_CALL: CallRecord = {
  school: 'across',
  club: '56',
  face_deg: 20,
  ball_position: 75,
  stance_width: 1.25,
  stance_open_deg: 10,
  aim_deg: -6,
  dig_mm: 20,
  grip_down_in: 0,
  handle_lower_deg: 4,
  shaft_lean_deg: 0,
  weight_lead: 0.62,
  entry_in: 1.5,
  swing_fraction: 0.7,
  carry_m: 12,
};

/** A logged ball: number `n` of the player "ada" at the first station. */
export const aBall = (n: number, fields: Partial<NewBall> = {}): NewBall => ({
  id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
  player: 'ada',
  station: 0,
  call: A_CALL,
  source: 'hand',
  hit_at: '2026-05-02T10:00:00Z',
  entry_m: 0.04,
  ...fields,
});
