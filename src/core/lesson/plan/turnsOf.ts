import { playAcross } from '@/core/place/fire/linesOfFire';
import type { Station } from './lesson';
import { timetable, type Across, type Turn } from './timetable';

type Lined = Pick<Station, 'line' | 'ground'>;

/** Which stations play across each other by the ground that they lie on; those that lie on none are told by their lines alone. */
export function acrossOn(stations: readonly Pick<Station, 'ground'>[]): Across {
  const pairs = stations.map(({ ground: a }) =>
    stations.map(({ ground: b }) => Boolean(a && b && a.place === b.place && playAcross(a, b))),
  );
  return (a, b) => pairs[a]![b]!;
}

/**
 * The timetable of a plan: no two stations that play across each other are used at a time, by their letters or by the ground that they
 * lie on.
 */
export const turnsOf = (players: number, stations: readonly Lined[], minutes: number): Turn[] =>
  timetable(
    players,
    stations.map(({ line }) => line),
    minutes,
    acrossOn(stations),
  );
