import type { CallEntry } from './callSheet';

/** True for a call that plays the ball out at the flag: neither relief, nor another way out, nor a mere attempt. */
export const atFlag = ({
  kind,
  toward_deg,
  attempt,
}: Pick<CallEntry, 'kind' | 'toward_deg' | 'attempt'>): boolean =>
  kind !== 'relief' && toward_deg === 0 && !attempt;
