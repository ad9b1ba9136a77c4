import { t } from '@/core/tell/language/t';
import type { CallEntry } from './callSheet';

/* A call in a line is kept as `keptLine` writes it, whoever saves it, and read in the language of whoever looks at it. */

const NO_CALL = 'no call';
const RELIEF = 'relief under penalty';

const KEPT = /^(.*?)( out sideways)?, (?:square|face (\S+)), swing (\S+)$/;

/**
 * A call in one line, as it is kept with a reading: the same in any language.
 *
 * @param call the first of the sheet; undefined where nothing is called
 */
export function keptLine(call: CallEntry | undefined): string {
  if (!call) return NO_CALL;
  if (call.kind === 'relief') return RELIEF;
  const way = call.kind === 'out-sideways' ? ' out sideways' : '';
  const face = call.face_deg === 0 ? 'square' : `face ${call.face_clock}`;
  return `${call.club}${way}, ${face}, swing ${call.swing_clock}`;
}

/**
 * A line that was kept, in the language in force; as it is where it was kept in another way.
 *
 * @example
 * calledWords('56, face 1:15, swing 9:15'); // => '56, face 1:15, swing 9:15'
 */
export function calledWords(kept: string): string {
  if (kept === NO_CALL) return t('no call');
  if (kept === RELIEF) return t('relief under penalty');
  const found = KEPT.exec(kept);
  if (!found) return kept;
  const [, club, sideways, clock, swing] = found;
  return t('{club}{way}, {face}, swing {swing}', {
    club: club!,
    way: sideways ? ` ${t('out sideways')}` : '',
    face: clock ? t('face {face}', { face: clock }) : t('square'),
    swing: swing!,
  });
}

/** A call in one line, for lists: "56, face 1:15, swing 9:15". */
export const calledLine = (call: CallEntry | undefined): string => calledWords(keptLine(call));
