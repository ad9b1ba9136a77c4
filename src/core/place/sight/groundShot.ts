import type { Lie } from '@/core/ground/sand/lie';
import type { Escape } from '@/core/ground/situation/shot';
import type { Hand } from '@/core/ground/player/player';
import type { ShotInput } from '@/core/contract/shot/shot';
import { sandOn } from '../record/onDay';
import type { DrawnPlace } from './drawnPlace';
import { sandAt } from './sandAt';
import { shotFrom } from './shotFrom';
import { sightOf, type Spot } from './sight';

/** Who plays from a spot, how the ball lies, and on which day. */
export interface Playing {
  handed: Hand;
  lie: Lie;
  /** YYYY-MM-DD: today's sand is played from. */
  day: string;
}

/**
 * The shot from a spot of drawn ground, in the outside format.
 *
 * @param ways other ways out that go with it
 * @throws FaultyInput when the flag cannot be played at from there
 */
export const groundShot = (
  place: DrawnPlace,
  spot: Spot,
  { handed, lie, day }: Playing,
  ways: readonly Escape[] = [],
): ShotInput =>
  shotFrom(sightOf(place, spot), {
    lie,
    handed,
    sand: sandAt(sandOn(spot.bunker.bunker, day), spot.ball),
    green: spot.green.green,
    ways,
  });
