import type { CallEntry } from '@/core/tell/sheet/callSheet';
import type { BallCall } from './ball';

/** The set-up of a call as a ball keeps it. */
export const callOf = (call: CallEntry): BallCall => ({
  school: call.school,
  club: call.club,
  face_deg: call.face_deg,
  ball_position: call.ball_position,
  stance_width: call.stance_width,
  stance_open_deg: Math.max(-45, Math.min(45, call.stance_open_deg)),
  aim_deg: call.aim_deg,
  dig_mm: call.dig_mm,
  grip_down_in: call.grip_down_in,
  handle_lower_deg: call.handle_lower_deg,
  shaft_lean_deg: call.shaft_lean_deg,
  weight_lead: call.weight_lead,
  entry_in: call.entry_in,
  swing_fraction: call.swing_fraction,
  carry_m: call.predicted.carry_m,
});
