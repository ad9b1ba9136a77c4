'use client';

import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Answer } from '@/core/answer/answer';
import type { Fault } from '@/core/contract/fault';
import type { UnitSystem } from '@/core/units/system';
import type { CallsWorker } from '@/workers/calls.worker';

/** What the desk knows of the calls for the reading that stands. */
export interface Calls {
  /** The latest answer; of an earlier reading while a new one is computed. */
  answer: Answer | null;
  faults: readonly Fault[];
  busy: boolean;
  /** What stopped the computing, when it was not the reading. */
  failure: string | null;
}

const PAUSE_MS = 60;

/** Keeps the calls for a situation up to date in a web worker; only the latest reading counts. */
export function useCalls(situation: object, units: UnitSystem): Calls {
  const [calls, setCalls] = useState<Calls>({
    answer: null,
    faults: [],
    busy: true,
    failure: null,
  });
  const worker = useRef<Remote<CallsWorker> | null>(null);
  const key = JSON.stringify(situation);

  useEffect(() => {
    const thread = new Worker(new URL('../../workers/calls.worker.ts', import.meta.url), {
      type: 'module',
    });
    thread.onerror = () =>
      setCalls((now) => ({ ...now, busy: false, failure: 'The calls could not be computed.' }));
    worker.current = wrap<CallsWorker>(thread);
    return () => {
      worker.current = null;
      thread.terminate();
    };
  }, []);

  useEffect(() => {
    let stale = false;
    const timer = setTimeout(async () => {
      setCalls((now) => ({ ...now, busy: true }));
      try {
        const answered = await worker.current?.answer(JSON.parse(key), units);
        if (stale || !answered) return;
        if ('answer' in answered) {
          setCalls({ answer: answered.answer, faults: [], busy: false, failure: null });
        } else {
          setCalls((now) => ({ ...now, faults: answered.faults, busy: false, failure: null }));
        }
      } catch {
        if (stale) return;
        const failure = 'The calls could not be computed. Reload the page to try again.';
        setCalls((now) => ({ ...now, busy: false, failure }));
      }
    }, PAUSE_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [key, units]);

  return calls;
}
