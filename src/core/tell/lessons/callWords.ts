import { t } from '@/core/tell/language/t';
import { entryMeant, saidSetup, type CallRecord } from '@/core/contract/shot/setup';
import type { Hand } from '@/core/ground/player/player';
import { distanceWords, shortLengthWords } from '@/core/tell/words/words';
import { faceClockFor } from '@/core/tell/script/script';
import { swingClock } from '@/core/ground/units/clock';
import type { UnitSystem } from '@/core/ground/units/system';

/** The call of a ball in a line: "56, face to 1:00, swing to 9:15, in an inch and a half behind, for 12 yards". */
export function callWords(call: CallRecord, handed: Hand, units: UnitSystem): string {
  const said = saidSetup(call);
  const face =
    said.face_deg === 0
      ? t('face square')
      : t('face to {face}', { face: faceClockFor(said.face_deg, handed) });
  const mark =
    said.entry_in > 0
      ? t('enter {length} behind', {
          length: shortLengthWords(entryMeant(said), units),
        })
      : t('ball first');
  return t('{club}, {face}, swing to {swing}, {mark}, for {carry}', {
    club: call.club,
    face,
    swing: swingClock(call.swing_fraction),
    mark,
    carry: distanceWords(call.carry_m, units),
  });
}
