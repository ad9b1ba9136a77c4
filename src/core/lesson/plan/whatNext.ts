import type { Turn } from './timetable';

/** A player, by index, at a station. */
export interface Visit {
  player: number;
  station: number;
}

/**
 * Who comes to which station next: the first visit of the timetable after the one at hand that is not done, else the first of those
 * before; null when all are done.
 *
 * @param isDone whether a visit has its balls
 * @example
 * const turns = [{ start: 0, places: [0] }, { start: 10, places: [1] }];
 * whatNext(turns, { player: 0, station: 0 }, () => false); // => { player: 0, station: 1 }
 */
export function whatNext(
  turns: readonly Turn[],
  { player, station }: Visit,
  isDone: (visit: Visit) => boolean,
): Visit | null {
  const visits = turns.flatMap(({ places }) =>
    places.flatMap((place, each): Visit[] =>
      place === null ? [] : [{ player: each, station: place }],
    ),
  );
  const at = visits.findIndex((visit) => visit.player === player && visit.station === station);
  return (
    [...visits.slice(at + 1), ...visits.slice(0, at + 1)].find((visit) => !isDone(visit)) ?? null
  );
}
