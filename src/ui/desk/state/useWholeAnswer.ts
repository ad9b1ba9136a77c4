'use client';

import type { Answer } from '@/core/tell/answer/answer';
import { answered } from '../../engine/answered';
import { useTask } from '../../engine/useTask';
import { useUnits } from '../../kit/units';

/** The answer to a situation with all of its calls: the desk itself is told the first of them. Null while it is worked out. */
export function useWholeAnswer(situation: object): {
  whole: Answer | null;
  failure: string | null;
} {
  const units = useUnits();
  const { value, failure } = useTask<Answer>(
    JSON.stringify([situation, units]),
    ({ engine, signal }) => answered(engine, situation, units, { signal, priority: 1 }, true),
  );
  return { whole: value, failure: failure?.message ?? null };
}
