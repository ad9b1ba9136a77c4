import type { CallEntry } from './callSheet';

/** True for a call that strikes a ball at the flag: neither relief nor another way out. */
export const atFlag = ({ kind, toward_deg }: Pick<CallEntry, 'kind' | 'toward_deg'>): boolean =>
  kind !== 'relief' && toward_deg === 0;
