import { t } from '@/core/ground/language/t';
import type { CallEntry } from './callSheet';

/** A call in one line, for lists: "56, face 1:15, swing 9:15". */
export function calledLine(call: CallEntry | undefined): string {
  if (!call) return t('no call');
  if (call.kind === 'relief') return t('relief under penalty');
  const way = call.kind === 'out-sideways' ? ` ${t('out sideways')}` : '';
  const face = call.face_deg === 0 ? t('square') : t('face {face}', { face: call.face_clock });
  return t('{club}{way}, {face}, swing {swing}', {
    club: call.club,
    way,
    face,
    swing: call.swing_clock,
  });
}
