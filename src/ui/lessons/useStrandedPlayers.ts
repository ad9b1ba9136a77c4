'use client';

import { situationAt } from '@/core/lesson/plan/situationAt';
import type { Station } from '@/core/lesson/plan/lesson';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { useTask } from '../engine/useTask';

/** A plan that is typed rests so long before its stations are tried, ms. */
const REST_MS = 400;

/**
 * For each station of a plan, those of its players whose bag has nothing that gets the ball out at the flag; null while that is
 * worked out.
 */
export function useStrandedPlayers(
  players: readonly RosterPlayer[],
  stations: readonly Pick<Station, 'shot' | 'ground'>[],
): readonly (readonly RosterPlayer[])[] | null {
  const asked = players.length * stations.length;
  const { value } = useTask<boolean[]>(
    asked === 0
      ? null
      : JSON.stringify([players, stations.map(({ shot, ground }) => [shot, ground])]),
    ({ engine, signal }) => {
      const situations = stations.flatMap((station) =>
        players.map((each) => situationAt(each, station)),
      );
      return engine.run('getOut', [situations], { signal });
    },
    REST_MS,
  );
  if (value?.length !== asked) return null;
  return stations.map((_, s) => players.filter((_player, p) => !value[s * players.length + p]));
}
