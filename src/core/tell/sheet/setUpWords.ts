import { toMetres } from '@/core/ground/units/length';
import { saySmall } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { ballPositionWords } from '../script/script';
import { pitchWords, shortLengthWords } from '../words/words';
import type { CallEntry } from './callSheet';

/** What stands under a drawing: what it shows, and a note to it. */
export interface DrawnWords {
  caption: string;
  note: string;
}

/** What stands under the four drawings of a call, in the order of the work: face, ball and feet, entry point, swing. */
export function setUpWords(
  call: CallEntry,
  units: UnitSystem,
): Record<'face' | 'ball' | 'entry' | 'swing', DrawnWords> {
  const { face_deg, stance_open_deg, predicted } = call;
  const turned = `${Math.abs(face_deg)}° ${face_deg > 0 ? 'open' : 'closed'}`;
  return {
    face: { caption: call.face_clock, note: face_deg === 0 ? 'square' : turned },
    ball: {
      caption: ballPositionWords(call.ball_position),
      note: `${call.stance_width} shoulders wide${stance_open_deg >= 4 ? `, ${stance_open_deg}° open` : ''}`,
    },
    entry: {
      caption: `${shortLengthWords(toMetres(call.entry_in, 'in'), units)} behind`,
      note: `${saySmall(predicted.divot_mm / 1000, units)} long, ${saySmall(predicted.depth_mm / 1000, units)} deep`,
    },
    swing: {
      caption: call.swing_clock,
      note: `a ${pitchWords(toMetres(call.grass_swing_yd, 'yd'), units)} pitch swing`,
    },
  };
}
