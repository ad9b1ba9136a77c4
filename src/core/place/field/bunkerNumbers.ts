import { apart, areaOf, nearestOn } from '../outline/ring';
import { sandOn } from '../record/onDay';
import { pointOf, type SandOn } from '../record/place';
import type { DrawnPlace } from '../sight/drawnPlace';
import { flagsOn } from '../sight/flagsOn';

/** What a coach wants to know of a bunker at a glance; lengths in m. */
export interface BunkerNumbers {
  id: string;
  name: string;
  area: number;
  lip: { low: number; high: number };
  overhangs: boolean;
  sand: SandOn | null;
  /** From the nearest and from the furthest of its sand to each flag that may be cut that day, the nearest first. */
  flags: { green: string; flag: string; name: string; from: number; to: number }[];
}

/** Lips under this hang over nothing, m. */
const LEAST_OVERHANG = 0.02;

/** The numbers of every bunker of a place on a day, YYYY-MM-DD. */
export const bunkerNumbers = (place: DrawnPlace, day: string): BunkerNumbers[] => {
  const inPlay = flagsOn(place, day).filter((each) => each.inPlay);
  return place.bunkers.map(({ id, name, ring, lips, bunker }) => {
    const heights = lips.map(({ height }) => height);
    const flags = inPlay.map(({ green, flag }) => {
      const hole = pointOf(flag);
      return {
        green: green.id,
        flag: flag.id,
        name: flag.name,
        from: nearestOn(ring, hole).distance,
        to: Math.max(...ring.map((corner) => apart(corner, hole))),
      };
    });
    return {
      id,
      name,
      area: areaOf(ring),
      lip: { low: Math.min(...heights), high: Math.max(...heights) },
      overhangs: lips.some(({ overhang }) => overhang > LEAST_OVERHANG),
      sand: sandOn(bunker, day),
      flags: flags.sort((a, b) => a.from - b.from),
    };
  });
};
