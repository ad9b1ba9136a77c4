import type { CallEntry, CallSheet } from '@/core/tell/sheet/callSheet';

/** The best call of a sheet that strikes a ball at the flag; null when there is none. */
export const flagCall = (sheet: CallSheet): CallEntry | null =>
  sheet.calls.find(({ kind, toward_deg }) => kind !== 'relief' && toward_deg === 0) ?? null;
