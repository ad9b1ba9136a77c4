import type { Hand } from '@/core/ground/player/player';
import { unlessFaulty } from '@/core/contract/check/fault';
import type { ShotInput } from '@/core/contract/shot/shot';
import { pointOf } from '../record/place';
import type { DrawnBunker, DrawnPlace } from '../sight/drawnPlace';
import { flagsOn } from '../sight/flagsOn';
import { groundShot } from '../sight/groundShot';
import { spotAt } from '../sight/sight';
import { gridOver, restsAt } from './grid';
import type { Point } from '../outline/ring';

/** Shots that stand for a place: as many as for a season. */
const SHOTS = 32;

/** Places that a bunker's balls are taken from. */
const PLACES = 48;

/** So many places of a bunker, more of them where balls often come to rest: every nth of all by how often they do. */
function ballsIn({ ring, bunker }: DrawnBunker, count: number): Point[] {
  const { places } = gridOver(ring, PLACES);
  const weights = places.map(({ at }) => restsAt(bunker.rests.map(pointOf), at));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const balls: Point[] = [];
  let passed = 0;
  places.forEach(({ at }, i) => {
    passed += weights[i]!;
    while (balls.length < count && passed >= ((balls.length + 0.5) * all) / count) balls.push(at);
  });
  return balls;
}

/**
 * The shots that a place's bunkers ask, each bunker and each flag as often as the others, from clean lies: a mix for what is looked at
 * over many shots. Shots that cannot be played are left out.
 *
 * @param day whose sand is played from, YYYY-MM-DD
 */
export function placeShots(place: DrawnPlace, handed: Hand, day: string): ShotInput[] {
  const flags = flagsOn(place, day).map(({ green, flag }) => ({ green: green.id, flag: flag.id }));
  if (flags.length === 0) return [];
  const count = Math.max(1, Math.floor(SHOTS / Math.max(1, place.bunkers.length)));
  return place.bunkers.flatMap((bunker) =>
    ballsIn(bunker, count).flatMap((ball, i): ShotInput[] => {
      const shot = unlessFaulty(() => {
        const spot = spotAt(place, { bunker: bunker.id, ball, ...flags[i % flags.length]! });
        return groundShot(place, spot, { handed, lie: 'clean', day });
      });
      return shot ? [shot] : [];
    }),
  );
}
