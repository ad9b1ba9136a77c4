'use client';

import { useEffect, useState } from 'react';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { flagCall } from '@/core/lesson/balls/flagCall';
import type { CallPicture } from '@/core/tell/picture/picture';
import type { UnitSystem } from '@/core/ground/units/system';
import { useCallsWorker } from '../desk/workers';

/** The call for a player at a station, with its picture; null while it is computed. */
export interface StationCall {
  call: CallEntry;
  picture: CallPicture;
}

const FAILURE = 'The call could not be computed. Reload the page to try again.';

/** The best call at the flag that strikes a ball, for a situation; computed once each. `none` where the bag has none. */
export function useStationCall(
  situation: object,
  units: UnitSystem,
): { found: StationCall | null; none: boolean; fault: string | null } {
  const [state, setState] = useState<{
    question: string;
    found: StationCall | null;
    fault: string | null;
  }>({ question: '', found: null, fault: null });
  const [dead, setDead] = useState(false);
  const worker = useCallsWorker(() => setDead(true));
  const question = JSON.stringify([situation, units]);
  useEffect(() => {
    let stale = false;
    const timer = setTimeout(async () => {
      const [asked, said] = JSON.parse(question) as [object, UnitSystem];
      const answered = await worker.current?.answer(asked, said).catch(() => null);
      if (stale) return;
      if (!answered || !('answer' in answered)) {
        const faults = answered?.faults.map(({ path, message }) => `${path} ${message}`);
        setState({ question, found: null, fault: faults?.join('; ') ?? FAILURE });
        return;
      }
      const { sheet, pictures } = answered.answer;
      const call = flagCall(sheet);
      const picture = call && pictures[sheet.calls.indexOf(call)];
      setState({ question, found: call && picture ? { call, picture } : null, fault: null });
    }, 0);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [question, worker]);
  const mine = state.question === question;
  return {
    found: mine ? state.found : null,
    none: mine && state.found === null && state.fault === null,
    fault: dead ? FAILURE : mine ? state.fault : null,
  };
}
