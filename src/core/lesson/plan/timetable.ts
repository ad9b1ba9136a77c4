/** One turn of a lesson: who is where, by index; null for a player who rests. */
export interface Turn {
  /** Minutes after the start. */
  start: number;
  /** Station of each player, in the order of the players. */
  places: (number | null)[];
}

/** Turns in a row after which a player rests, and the share of a group that hits at a time. */
const IN_A_ROW = 2;
const AT_A_TIME = 2 / 3;

/**
 * Sends a group round the stations: every player visits every station once, one player at a station, no two stations of
 * the same line in use at a time, two turns in a row at most and then a rest. Greedy, the player who has most left and
 * has waited longest chooses first; the same input gives the same timetable.
 *
 * @param players how many, 1 or more
 * @param lines line of each station; stations of one line hit across each other
 * @param minutes of a turn
 * @throws RangeError without players or stations
 * @example
 * timetable(1, [1], 10); // => [{ start: 0, places: [0] }]
 */
export function timetable(players: number, lines: readonly number[], minutes: number): Turn[] {
  if (players < 1 || lines.length === 0) {
    throw new RangeError('a timetable needs at least one player and one station');
  }
  const left = Array.from({ length: players }, () => new Set(lines.keys()));
  const inARow = new Array<number>(players).fill(0);
  const waited = new Array<number>(players).fill(0);
  const atATime = Math.ceil(players * AT_A_TIME);
  const turns: Turn[] = [];
  while (left.some((stations) => stations.size > 0)) {
    const places = new Array<number | null>(players).fill(null);
    const taken = new Set<number>();
    const urgency = (p: number): number => left[p]!.size * 100 + waited[p]! * 10 - p / players;
    const candidates = [...left.keys()]
      .filter((p) => left[p]!.size > 0 && inARow[p]! < IN_A_ROW)
      .sort((a, b) => urgency(b) - urgency(a));
    for (const p of candidates) {
      if (taken.size >= atATime) break;
      const offset = (p + turns.length) % lines.length;
      const order = [...lines.keys()].map((k) => (k + offset) % lines.length);
      const station = order.find((s) => left[p]!.has(s) && !taken.has(lines[s]!));
      if (station === undefined) continue;
      places[p] = station;
      taken.add(lines[station]!);
    }
    places.forEach((station, p) => {
      if (station === null) {
        inARow[p] = 0;
        waited[p] = waited[p]! + 1;
      } else {
        left[p]!.delete(station);
        inARow[p] = inARow[p]! + 1;
        waited[p] = 0;
      }
    });
    turns.push({ start: turns.length * minutes, places });
  }
  return turns;
}
