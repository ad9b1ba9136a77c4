import { t } from '@/core/tell/language/t';
import { toMetres } from '@/core/ground/units/length';
import { saySmall } from '@/core/tell/language/say';
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
  const turned = `${Math.abs(face_deg)}° ${face_deg > 0 ? t('open|face') : t('closed|face')}`;
  return {
    face: { caption: call.face_clock, note: face_deg === 0 ? t('square') : turned },
    ball: {
      caption: ballPositionWords(call.ball_position),
      note: t('{width} shoulders wide{open}', {
        width: call.stance_width,
        open: stance_open_deg >= 4 ? t(', {deg}° open', { deg: stance_open_deg }) : '',
      }),
    },
    entry: {
      caption: t('{length} behind', {
        length: shortLengthWords(toMetres(call.entry_in, 'in'), units),
      }),
      note: t('{length} long, {depth} deep', {
        length: saySmall(predicted.divot_mm / 1000, units),
        depth: saySmall(predicted.depth_mm / 1000, units),
      }),
    },
    swing: {
      caption: call.swing_clock,
      note: t('a {pitch} pitch swing', {
        pitch: pitchWords(toMetres(call.grass_swing_yd, 'yd'), units),
      }),
    },
  };
}
