'use client';

import { useEffect, useState } from 'react';
import type { DrawnCall } from '@/core/tell/answer/answer';
import type { UnitSystem } from '@/core/ground/units/system';
import { useCallsWorker } from '../desk/workers';

const FAILURE = 'The call could not be computed. Reload the page to try again.';

/** The best call at the flag that strikes a ball, for a situation; computed once each. `none` where the bag has none. */
export function useStationCall(
  situation: object,
  units: UnitSystem,
): { found: DrawnCall | null; none: boolean; fault: string | null } {
  const [state, setState] = useState<{
    question: string;
    found: DrawnCall | null;
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
      setState({ question, found: answered.answer.flag, fault: null });
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
