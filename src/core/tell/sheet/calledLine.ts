import type { CallEntry } from './callSheet';

/** A call in one line, for lists: "56, face 1:15, swing 9:15". */
export function calledLine(call: CallEntry | undefined): string {
  if (!call) return 'no call';
  if (call.kind === 'relief') return 'relief under penalty';
  const way = call.kind === 'out-sideways' ? ' out sideways' : '';
  const face = call.face_deg === 0 ? 'square' : `face ${call.face_clock}`;
  return `${call.club}${way}, ${face}, swing ${call.swing_clock}`;
}
