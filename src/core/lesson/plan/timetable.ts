import { seededUint32 } from '@/core/ground/numeric/random';

/** One turn of a lesson: who is where, by index; null for a player who rests. */
export interface Turn {
  /** Minutes after the start. */
  start: number;
  /** Station of each player, in the order of the players. */
  places: (number | null)[];
}

/** Whether two stations, by index, are never used at the same time. */
export type Across = (a: number, b: number) => boolean;

/** Turns in a row after which a player rests, and the share of a group that hits at a time. */
const IN_A_ROW = 2;
const AT_A_TIME = 2 / 3;

/**
 * The time of day so many minutes after another.
 *
 * @param startsAt HH:MM
 * @example
 * clockAfter('23:50', 20); // => '00:10'
 */
export function clockAfter(startsAt: string, minutes: number): string {
  const [hours, past] = startsAt.split(':').map(Number) as [number, number];
  const at = (hours * 60 + past + minutes) % (24 * 60);
  return [Math.floor(at / 60), at % 60].map((part) => String(part).padStart(2, '0')).join(':');
}

/** Rounds that are made up at most, the shortest of which is taken. */
const TRIES = 400;
const SEED = 1;

/** How many of a group may hit at a time. */
const mostAtATime = (players: number): number => Math.ceil(players * AT_A_TIME);

/** Turns that no round can do without: for all visits, for the visits of the fullest line, for one player with rests. */
function fewestTurns(players: number, lines: readonly number[]): number {
  const onLine = new Map<number, number>();
  for (const line of lines) onLine.set(line, (onLine.get(line) ?? 0) + 1);
  const abreast = Math.min(mostAtATime(players), onLine.size);
  return Math.max(
    Math.ceil((players * lines.length) / abreast),
    players * Math.max(...onLine.values()),
    lines.length + Math.ceil(lines.length / IN_A_ROW) - 1,
  );
}

/**
 * A round made up turn by turn: who has most stations left and has waited longest goes first, to the station on the line that most
 * visits are left on.
 *
 * @param across whether two stations of different lines are kept apart too
 * @param chance numbers from 0 to 1 that ties are broken by
 */
function roundOf(
  players: number,
  lines: readonly number[],
  across: Across,
  chance: () => number,
): Turn['places'][] {
  const left = Array.from({ length: players }, () => new Set(lines.keys()));
  const inARow = new Array<number>(players).fill(0);
  const waited = new Array<number>(players).fill(0);
  const visitsLeft = new Map<number, number>();
  for (const line of lines) visitsLeft.set(line, (visitsLeft.get(line) ?? 0) + players);
  const round: Turn['places'][] = [];
  while (left.some((stations) => stations.size > 0)) {
    const places = new Array<number | null>(players).fill(null);
    const taken: number[] = [];
    const urgency = left.map(({ size }, p) => size * 2 + waited[p]! + chance());
    const going = [...left.keys()]
      .filter((p) => left[p]!.size > 0 && inARow[p]! < IN_A_ROW)
      .sort((a, b) => urgency[b]! - urgency[a]!);
    for (const p of going) {
      if (taken.length >= mostAtATime(players)) break;
      let station: number | null = null;
      let best = -Infinity;
      for (const s of left[p]!) {
        const line = lines[s]!;
        const wanted = visitsLeft.get(line)! + players * chance();
        if (wanted <= best || taken.some((t) => lines[t] === line || across(t, s))) continue;
        station = s;
        best = wanted;
      }
      if (station === null) continue;
      places[p] = station;
      taken.push(station);
    }
    places.forEach((station, p) => {
      inARow[p] = station === null ? 0 : inARow[p]! + 1;
      waited[p] = station === null ? waited[p]! + 1 : 0;
      if (station === null) return;
      left[p]!.delete(station);
      visitsLeft.set(lines[station]!, visitsLeft.get(lines[station]!)! - 1);
    });
    round.push(places);
  }
  return round;
}

/**
 * Sends a group round the stations: every player visits every station once, one player at a station, no two stations of
 * the same line in use at a time, two thirds of the group at a time and two turns in a row at most, then a rest. Of many rounds that are
 * made up the shortest is taken, and the first that no round can be shorter than; the same input gives the same timetable.
 *
 * @param players how many, 1 or more
 * @param lines line of each station; stations of one line hit across each other
 * @param minutes of a turn
 * @param across whether two stations, by index, are kept apart whatever their lines; none where it is absent
 * @throws RangeError without players or stations
 * @example
 * timetable(1, [1], 10); // => [{ start: 0, places: [0] }]
 */
export function timetable(
  players: number,
  lines: readonly number[],
  minutes: number,
  across: Across = () => false,
): Turn[] {
  if (players < 1 || lines.length === 0) {
    throw new RangeError('a timetable needs at least one player and one station');
  }
  const next = seededUint32(SEED);
  const chance = (): number => next() / 2 ** 32;
  const fewest = fewestTurns(players, lines);
  let shortest = roundOf(players, lines, across, chance);
  for (let i = 1; i < TRIES && shortest.length > fewest; i++) {
    const round = roundOf(players, lines, across, chance);
    if (round.length < shortest.length) shortest = round;
  }
  return shortest.map((places, turn) => ({ start: turn * minutes, places }));
}
