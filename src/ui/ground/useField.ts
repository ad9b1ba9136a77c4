'use client';

import { gridOver } from '@/core/place/field/grid';
import type { Place } from '@/core/place/record/place';
import type { Playing } from '@/core/place/sight/groundShot';
import type { Spot } from '@/core/place/sight/sight';
import { situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import { FIRST_SHOT } from '@/core/contract/reading/reading';
import { useTask, type Task } from '../engine/useTask';
import type { FieldSoFar } from './plan/FieldDrawing';

/** Places that one thread is asked at a time: few enough that both threads end together. */
const TOGETHER = { coarse: 6, fine: 2 } as const;

/** What a ball costs over the whole of a bunker: quickly at first, then as the desk calls it. */
export function useField(
  { bunkers, greens, areas }: Pick<Place, 'bunkers' | 'greens' | 'areas'>,
  spot: Spot | null,
  player: RosterPlayer,
  playing: Playing,
  asked: boolean,
): Task<FieldSoFar> {
  const question = asked &&
    spot && {
      // Where balls rest weighs the costs; it does not change them.
      place: { bunkers: bunkers.map((bunker) => ({ ...bunker, rests: [] })), greens, areas },
      bunker: spot.bunker.id,
      green: spot.green.id,
      flag: spot.flag.id,
      playing,
      situation: situationFor(player, FIRST_SHOT),
    };
  return useTask<FieldSoFar>(
    question ? JSON.stringify(question) : null,
    async ({ engine, signal, show }) => {
      if (!question || !spot) throw new TypeError('useField: asked nothing');
      const grid = gridOver(spot.bunker.ring);
      const costs: (number | null)[] = grid.places.map(() => null);
      let done = 0;
      for (const look of ['coarse', 'fine'] as const) {
        const fine = look === 'fine';
        const parts = Math.ceil(grid.places.length / TOGETHER[look]);
        await Promise.all(
          Array.from({ length: parts }, async (_, part) => {
            const from = part * TOGETHER[look];
            const balls = grid.places.slice(from, from + TOGETHER[look]).map(({ at }) => at);
            const found = await engine.run('costs', [{ ...question, fine }, balls], { signal });
            found.forEach((cost, i) => (costs[from + i] = cost));
            if (fine) done += found.length;
            show({ grid, costs: [...costs], done });
          }),
        );
      }
      return { grid, costs, done };
    },
  );
}
