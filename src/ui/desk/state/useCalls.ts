'use client';

import { useMemo } from 'react';
import type { Answer } from '@/core/tell/answer/answer';
import type { CallSheet } from '@/core/tell/sheet/callSheet';
import type { Fault } from '@/core/contract/check/fault';
import type { UnitSystem } from '@/core/ground/units/system';
import { answered } from '../../engine/answered';
import { useTask } from '../../engine/useTask';

/** What the desk knows of the calls for the reading that stands. */
export interface Calls {
  /** The latest answer; of an earlier reading while a new one is computed. */
  answer: Answer | null;
  faults: readonly Fault[];
  busy: boolean;
  /** What stopped the computing, when it was not the reading. */
  failure: string | null;
}

const PAUSE_MS = 20;

/**
 * Keeps the calls for a situation up to date. Of what is asked while another search runs only the latest is answered.
 *
 * @param waiting true while the reading is being dragged: nothing is asked until it is let go
 */
export function useCalls(situation: object, units: UnitSystem, waiting: boolean): Calls {
  const asked = JSON.stringify([situation, units]);
  const { status, value, last, failure } = useTask<Answer>(
    asked,
    ({ engine, signal }) => answered(engine, situation, units, { signal, priority: 1 }),
    waiting ? null : PAUSE_MS,
  );
  // Searches of their own, once the calls stand: nobody waits for them.
  const standing = status === 'done' ? value : null;
  const { value: sheet } = useTask<CallSheet | null>(
    standing,
    async ({ engine, signal }) =>
      standing && engine.run('costed', [situation, standing.sheet], { signal }),
  );
  const answer = useMemo(() => (last && sheet ? { ...last, sheet } : last), [last, sheet]);
  return {
    answer,
    faults: failure?.faults ?? [],
    busy: status === 'running',
    failure: failure && !failure.faults ? failure.message : null,
  };
}
