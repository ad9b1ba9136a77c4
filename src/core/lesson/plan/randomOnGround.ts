import { samplerOf } from '@/core/ground/numeric/sampling';
import { LIES, type Lie } from '@/core/ground/sand/lie';
import { gridOver, restsAt } from '@/core/place/field/grid';
import { pointOf } from '@/core/place/record/place';
import type { DrawnPlace } from '@/core/place/sight/drawnPlace';
import { flagsOn } from '@/core/place/sight/flagsOn';
import { sightOf, spotAt } from '@/core/place/sight/sight';
import { unlessFaulty } from '@/core/contract/check/fault';
import type { PutBall } from './groundStation';
import { randomLie } from './randomStation';

/** How often a ball is thrown anew that cannot be played at its flag. */
const THROWS = 40;

/**
 * A ball thrown at random into the sand of drawn ground: any of its bunkers, more often where its balls come to rest, to any flag in
 * play. Same ground, day and seed, same ball; null where nothing can be played.
 *
 * @param day YYYY-MM-DD
 * @param lies that may be met, at least one
 */
export function randomOnGround(
  place: DrawnPlace,
  day: string,
  seed: number,
  lies: readonly Lie[] = LIES,
): PutBall | null {
  const { uniform, oneOf } = samplerOf(seed);
  const flags = flagsOn(place, day).filter(({ inPlay }) => inPlay);
  if (place.bunkers.length === 0 || flags.length === 0) return null;
  for (let i = 0; i < THROWS; i++) {
    const bunker = oneOf(place.bunkers);
    const to = oneOf(flags);
    const { places } = gridOver(bunker.ring);
    const rests = bunker.bunker.rests.map(pointOf);
    const weights = places.map(({ at }) => restsAt(rests, at));
    let rest = uniform() * weights.reduce((sum, weight) => sum + weight, 0);
    const found = places.find((_, k) => (rest -= weights[k]!) < 0);
    if (!found) continue;
    const put = { ball: found.at, green: to.green.id, flag: to.flag.id };
    if (isPlayed(place, put)) return { ...put, lie: randomLie(uniform(), lies) };
  }
  return null;
}

/** Whether the flag can be played at from there. */
const isPlayed = (place: DrawnPlace, put: Omit<PutBall, 'lie'>): boolean =>
  unlessFaulty(() => sightOf(place, spotAt(place, put))) !== null;
