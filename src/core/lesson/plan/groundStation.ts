import type { Lie } from '@/core/ground/sand/lie';
import { groundOfStation } from '@/core/place/fire/stationGround';
import type { Point } from '@/core/place/outline/ring';
import type { Place } from '@/core/place/record/place';
import type { DrawnPlace } from '@/core/place/sight/drawnPlace';
import { groundShot } from '@/core/place/sight/groundShot';
import { likelyWays } from '@/core/place/sight/likelyWays';
import { spotAt, type Spot } from '@/core/place/sight/sight';
import type { Station } from './lesson';

/** A ball that is put down on drawn ground for a station. */
export interface PutBall {
  ball: Point;
  lie: Lie;
  green: string;
  flag: string;
}

/** Ways out that go with a station's shot. */
const WAYS = 3;

/** Longest name of a station. */
const LONGEST = 80;

/**
 * The station that a ball on drawn ground makes; its direction of play is the first until it stands among others.
 *
 * @param id of the place
 * @param day whose sand is played from, YYYY-MM-DD
 * @param nameOf what the station is called
 * @throws FaultyInput when the ball is not in the sand, or the flag cannot be played at from there
 */
export function groundStation(
  id: string,
  place: Place,
  drawn: DrawnPlace,
  { ball, lie, green, flag }: PutBall,
  day: string,
  nameOf: (spot: Spot, lie: Lie) => string,
): Station {
  const spot = spotAt(drawn, { ball, green, flag });
  return {
    name: nameOf(spot, lie).slice(0, LONGEST),
    // Slopes as a right-hander stands to them: turned for whoever plays from the other side.
    shot: groundShot(drawn, spot, { handed: 'right', lie, day }, likelyWays(drawn, spot, WAYS)),
    line: 1,
    ground: groundOfStation(id, place, spot),
  };
}
