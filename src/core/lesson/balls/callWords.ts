import type { Hand } from '@/core/ground/player/player';
import { distanceWords, shortLengthWords } from '@/core/tell/words/words';
import { faceClockFor } from '@/core/tell/script/script';
import { swingClock } from '@/core/ground/units/clock';
import { toMetres } from '@/core/ground/units/length';
import type { UnitSystem } from '@/core/ground/units/system';
import type { BallCall } from './ball';

/** The call of a ball in a line: "56, face to 1:00, swing to 9:15, in an inch and a half behind, for 12 yards". */
export function callWords(call: BallCall, handed: Hand, units: UnitSystem): string {
  const entry = toMetres(Math.abs(call.entry_in), 'in');
  const face =
    call.face_deg === 0 ? 'face square' : `face to ${faceClockFor(call.face_deg, handed)}`;
  const mark = call.entry_in > 0 ? `in ${shortLengthWords(entry, units)} behind` : 'ball first';
  return `${call.club}, ${face}, swing to ${swingClock(call.swing_fraction)}, ${mark}, for ${distanceWords(call.carry_m, units)}`;
}
