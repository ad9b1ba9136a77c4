'use client';

import { useEffect, useState } from 'react';
import type { CallEntry } from '@/core/contract/callSheet';
import { flagCall } from '@/core/lesson/flagCall';
import type { CallPicture } from '@/core/answer/picture';
import type { UnitSystem } from '@/core/units/system';
import { useCallsWorker } from '../desk/workers';

/** The call for a player at a station, with its picture; null while it is computed. */
export interface StationCall {
  call: CallEntry;
  picture: CallPicture;
}

/** The best call at the flag that strikes a ball, for a situation; computed once each. */
export function useStationCall(
  situation: object,
  units: UnitSystem,
): { found: StationCall | null; none: boolean } {
  const worker = useCallsWorker();
  const [state, setState] = useState<{ question: string; found: StationCall | null }>({
    question: '',
    found: null,
  });
  const question = JSON.stringify([situation, units]);
  useEffect(() => {
    let stale = false;
    const timer = setTimeout(async () => {
      const [asked, said] = JSON.parse(question) as [object, UnitSystem];
      const answered = await worker.current?.answer(asked, said).catch(() => null);
      if (stale || !answered || !('answer' in answered)) return;
      const { sheet, pictures } = answered.answer;
      const call = flagCall(sheet);
      const picture = call && pictures[sheet.calls.indexOf(call)];
      setState({ question, found: call && picture ? { call, picture } : null });
    }, 0);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [question, worker]);
  const mine = state.question === question;
  return { found: mine ? state.found : null, none: mine && state.found === null };
}
