'use client';

import type { Station } from '@/core/lesson/plan/lesson';
import { situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import { useTask } from '../engine/useTask';

/** A plan that is typed rests so long before its stations are tried, ms. */
const REST_MS = 400;

/**
 * For each station of a plan, those of its players whose bag has nothing that gets the ball out at the flag; null while that is
 * worked out.
 */
export function useStrandedPlayers(
  players: readonly RosterPlayer[],
  stations: readonly Pick<Station, 'shot'>[],
): readonly (readonly RosterPlayer[])[] | null {
  const situations = stations.flatMap(({ shot }) =>
    players.map((each) => situationFor(each, shot)),
  );
  const { value } = useTask<boolean[]>(
    situations.length === 0 ? null : JSON.stringify(situations),
    ({ engine, signal }) => engine.run('getOut', [situations], { signal }),
    REST_MS,
  );
  if (value?.length !== situations.length) return null;
  return stations.map((_, s) => players.filter((_player, p) => !value[s * players.length + p]));
}
