import { launchOver } from '@/core/ground/situation/lip';
import { turnsApart } from '../outline/direction';
import type { Escape } from '@/core/ground/situation/shot';
import type { DrawnPlace } from './drawnPlace';
import { wayFrom, type Spot } from './sight';

/** Directions that are looked at, radians to the right of the line to the flag. */
const TURNS = Array.from({ length: 23 }, (_, i) => ((i + 1) * Math.PI) / 12);

/** Ways with less room than this are none, m; those that are kept stand at least so far apart, degrees. */
const LEAST_ROOM = 5;
const APART = 60;

/**
 * The ways out that ask for the lowest start, well apart from each other: what is looked at where there is no time to look at all.
 *
 * @param most how many are kept
 */
export function likelyWays(place: DrawnPlace, spot: Spot, most: number): Escape[] {
  const ways = TURNS.map((turn) => wayFrom(place, spot, turn > Math.PI ? turn - 2 * Math.PI : turn))
    .filter(({ room }) => room >= LEAST_ROOM)
    .sort((a, b) => launchOver(a.lip) - launchOver(b.lip));
  const kept: Escape[] = [];
  for (const way of ways) {
    if (kept.length >= most) break;
    if (kept.every(({ toward }) => turnsApart(toward, way.toward) >= APART)) kept.push(way);
  }
  return kept;
}
