'use client';

import type { DrawnCall } from '@/core/tell/answer/answer';
import type { NewBall } from '@/core/lesson/balls/ball';
import type { RosterPlayer } from '@/core/lesson/players/player';
import type { UnitSystem } from '@/core/ground/units/system';
import { answered } from '../engine/answered';
import { useTask } from '../engine/useTask';

/** A call as a ball keeps it, with what it knew of the player. */
export const callKeptOf = (found: DrawnCall, player: RosterPlayer): NewBall['call'] => ({
  ...found.picture.kept,
  ...(player.learnt && { learnt_version: player.learnt.version }),
});

/** The best call at the flag that strikes a ball, for a situation; null asks nothing. `none` where the bag has none. */
export function useStationCall(
  situation: object | null,
  units: UnitSystem,
): { found: DrawnCall | null; none: boolean; fault: string | null } {
  const { status, value, failure } = useTask<DrawnCall | null>(
    situation && JSON.stringify([situation, units]),
    async ({ engine, signal }) =>
      (await answered(engine, situation!, units, { signal, priority: 1 })).flag,
  );
  return {
    found: value,
    none: status === 'done' && value === null,
    fault: failure?.message ?? null,
  };
}
