import { changeSaid, leaderWords } from '../words/changeWords';
import type { Reading } from '@/core/contract/shot/situation';
import { rounded } from '@/core/contract/check/rounded';
import { changesWhen, type Change } from '@/core/search/changes/changes';
import type { Called } from '@/core/search/calls/call';
import type { UnitSystem } from '@/core/ground/units/system';

/** When the call changes, in the outside format. */
export interface ChangeEntry {
  factor: string;
  /** SI; the sand's firmness from 0 to 1. */
  value: number;
  direction: 'up' | 'down';
  from: string;
  to: string;
  text: string;
}

export function changeEntry(change: Change, units: UnitSystem): ChangeEntry {
  return {
    factor: change.factor,
    value: rounded(change.value, 4),
    direction: change.direction,
    from: leaderWords(change.from),
    to: leaderWords(change.to),
    text: changeSaid(change, units),
  };
}

/** All changes of a reading from the call that stands, in the outside format. */
export const changeEntries = (
  { question, firmness }: Reading,
  units: UnitSystem,
  called?: Called | null,
): ChangeEntry[] =>
  changesWhen(question, firmness, called).map((change) => changeEntry(change, units));
