import { degrees } from '@/core/ground/units/angle';
import type { Escape } from '@/core/ground/situation/shot';
import type { DrawnPlace } from './drawnPlace';
import { wayFrom, type Spot } from './sight';

/** Directions that are looked at, radians to the right of the line to the flag. */
const TURNS = Array.from({ length: 23 }, (_, i) => ((i + 1) * Math.PI) / 12);

/** Ways with less room than this are none, m; those that are kept stand at least so far apart, degrees. */
const LEAST_ROOM = 5;
const APART = 60;

const turnBetween = (a: number, b: number): number => {
  const turn = Math.abs(degrees(a - b)) % 360;
  return Math.min(turn, 360 - turn);
};

/**
 * The ways out that ask for the lowest start, well apart from each other: what is looked at where there is no time to look at all.
 *
 * @param most how many are kept
 */
export function likelyWays(place: DrawnPlace, spot: Spot, most: number): Escape[] {
  const asks = ({ lip }: Escape): number => Math.atan2(lip.height, lip.distance);
  const ways = TURNS.map((turn) => wayFrom(place, spot, turn > Math.PI ? turn - 2 * Math.PI : turn))
    .filter(({ room }) => room >= LEAST_ROOM)
    .sort((a, b) => asks(a) - asks(b));
  const kept: Escape[] = [];
  for (const way of ways) {
    if (kept.length >= most) break;
    if (kept.every(({ toward }) => turnBetween(toward, way.toward) >= APART)) kept.push(way);
  }
  return kept;
}
