'use client';

import type { Remote } from 'comlink';
import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Answer } from '@/core/tell/answer/answer';
import type { Fault } from '@/core/tell/format/fault';
import type { UnitSystem } from '@/core/ground/units/system';
import type { CallsWorker } from '@/workers/calls.worker';
import { useCallsWorker } from './workers';

/** What the desk knows of the calls for the reading that stands. */
export interface Calls {
  /** The latest answer; of an earlier reading while a new one is computed. */
  answer: Answer | null;
  faults: readonly Fault[];
  busy: boolean;
  /** What stopped the computing, when it was not the reading. */
  failure: string | null;
  /** The worker that answers, for single set-ups. */
  worker: RefObject<Remote<CallsWorker> | null>;
}

const PAUSE_MS = 20;

/** The latest state of the worker's answers, and the question that it belongs to. */
interface Settled {
  question: string;
  answer: Answer | null;
  faults: readonly Fault[];
  failure: string | null;
}

const FAILURE = 'The calls could not be computed. Reload the page to try again.';

/**
 * Keeps the calls for a situation up to date in a web worker. One search at a time: what is asked while it runs waits,
 * and only the latest of that is answered.
 *
 * @param waiting true while the reading is being dragged: nothing is asked until it is let go
 */
export function useCalls(situation: object, units: UnitSystem, waiting: boolean): Calls {
  const [settled, setSettled] = useState<Settled>({
    question: '',
    answer: null,
    faults: [],
    failure: null,
  });
  const worker = useCallsWorker(() => setSettled((now) => ({ ...now, failure: FAILURE })));
  const question = JSON.stringify([situation, units]);

  const running = useRef<Promise<unknown> | null>(null);

  useEffect(() => {
    if (waiting) return;
    let stale = false;
    const settle = (change: Partial<Settled>): void => {
      if (!stale) setSettled((now) => ({ ...now, failure: null, ...change, question }));
    };
    const search = async (): Promise<void> => {
      const [asked, said] = JSON.parse(question) as [object, UnitSystem];
      const answered = await worker.current?.answer(asked, said);
      if (!answered) return;
      if ('answer' in answered) settle({ answer: answered.answer, faults: [] });
      else settle({ faults: answered.faults });
    };
    const timer = setTimeout(async () => {
      await running.current;
      if (stale) return;
      running.current = search().catch(() => settle({ failure: FAILURE }));
    }, PAUSE_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [question, waiting, worker]);

  const { answer, faults, failure } = settled;
  const busy = settled.question !== question && failure === null;
  return { answer, faults, failure, busy, worker };
}
