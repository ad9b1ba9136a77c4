'use client';

import type { DrawnCall } from '@/core/tell/answer/answer';
import type { UnitSystem } from '@/core/ground/units/system';
import { answered } from '../engine/answered';
import { useTask } from '../engine/useTask';

/** The best call at the flag that strikes a ball, for a situation. `none` where the bag has none. */
export function useStationCall(
  situation: object,
  units: UnitSystem,
): { found: DrawnCall | null; none: boolean; fault: string | null } {
  const { status, value, failure } = useTask<DrawnCall | null>(
    JSON.stringify([situation, units]),
    async ({ engine, signal }) =>
      (await answered(engine, situation, units, { signal, priority: 1 })).flag,
  );
  return {
    found: value,
    none: status === 'done' && value === null,
    fault: failure?.message ?? null,
  };
}
