import type { Club } from '@/core/ground/club/club';
import { effectiveBounce, effectiveLoft, headNormals } from '@/core/ground/club/geometry';
import type { Shot } from '@/core/ground/situation/shot';
import { speedWith, type Golfer } from '@/core/model/golfer/golfer';
import { strike } from '@/core/model/shot/strike';
import { holdOf, type Setup } from '@/core/model/swing/setup';
import { AS_MEANT } from '@/core/model/swing/swingError';

/** How the sole of one wedge rides through the sand of a shot when it is set up and swung as the call is. */
export interface SoleRide {
  club: Club;
  /** The head as it meets the sand, radians. */
  held: { loft: number; bounce: number };
  /** Depth of the leading edge under the ball, m: from the mark as meant, and from one further back. Above the sand negative. */
  meant: number;
  heavy: number;
}

/** How much further back the heavy mark lies, m. */
const HEAVY_BY = 0.02;

/** Wedges that are compared at most: no bag that is played with holds more. */
const MOST = 5;

/**
 * How deep each wedge of a bag rides under the ball, set up and swung as a call is: the same face, mark and swing. The
 * most lofted first; the club of the call is among them, whatever it is.
 *
 * @param setup the call's; a putt has no ride
 */
export function soleRides(
  setup: Setup,
  golfer: Golfer,
  shot: Shot,
  bag: readonly Club[],
): SoleRide[] {
  if (setup.technique === 'putt') return [];
  const others = bag.filter(({ type, name }) => type === 'wedge' && name !== setup.club.name);
  const clubs = [setup.club, ...others].slice(0, MOST).sort((a, b) => b.loft - a.loft);
  return clubs.map((club) => {
    const own = { ...setup, club };
    const depthAt = (mark: number): number =>
      strike(own, { ...AS_MEANT, mark }, speedWith(golfer, club), shot).head.depth;
    const normals = headNormals(club, holdOf(own, shot));
    return {
      club,
      held: { loft: effectiveLoft(normals), bounce: effectiveBounce(normals) },
      meant: depthAt(0),
      heavy: depthAt(HEAVY_BY),
    };
  });
}
