'use client';

import { markOf, seenShot, type EyeAnswer, type Topic } from '@/core/lesson/eye/answer';
import type { Scene } from '@/core/lesson/eye/scene';
import { situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import type { DrawnCall } from '@/core/tell/answer/answer';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import type { Simulation } from '@/core/tell/answer/simulation';
import type { UnitSystem } from '@/core/ground/units/system';
import { answered } from '../engine/answered';
import { useTask } from '../engine/useTask';

/** What a scene's answer comes to. */
export interface Revealed {
  /** The best call at the flag as it is told and drawn. */
  best: DrawnCall;
  /** What the trainee's own call does. */
  own: Simulation;
  /** Strokes lost against the best call. */
  lost: number;
  right: Record<Topic, 0 | 1>;
  /** What would be called for the scene as it was read; null where that is nothing at the flag. */
  asSeen: CallEntry | null;
  /** All that is called for the scene, best first. */
  calls: readonly CallEntry[];
}

/** Holds an answer against the engine: null until it is worked out, or where nothing is called at the flag. */
export function useEyeAnswer(
  player: RosterPlayer & { caution?: number },
  scene: Scene,
  answer: EyeAnswer | null,
  units: UnitSystem,
): { revealed: Revealed | null; none: boolean; fault: string | null } {
  const { value, status, failure } = useTask<Revealed | null>(
    answer && JSON.stringify([player, scene.seed, scene.level, answer, units]),
    async ({ engine, signal }) => {
      const { pin_m: _pin, lip_m: _lip, lie: _lie, sand: _sand, slope: _slope, ...setup } = answer!;
      const situation = situationFor(player, scene.shot);
      const wanted = { signal, priority: 1 };
      const { flag: best, sheet } = await answered(engine, situation, units, wanted, true);
      if (!best) return null;
      const [own, seen] = await Promise.all([
        engine.run('simulate', [{ ...situation, setup }], wanted),
        answered(engine, situationFor(player, seenShot(scene, answer!)), units, wanted),
      ]);
      const lost = own.odds.expected_strokes - best.call.odds.expected_strokes;
      const { club, face_deg, entry_in, swing_fraction } = best.call;
      const called = { club, face_deg, entry_in, swing_fraction };
      return {
        best,
        own,
        lost,
        right: markOf(scene, answer!, called, lost),
        asSeen: seen.flag?.call ?? null,
        calls: sheet.calls,
      };
    },
  );
  return {
    revealed: value,
    none: status === 'done' && value === null,
    fault: failure?.message ?? null,
  };
}
