import { headNormals } from '@/core/ground/club/geometry';
import type { Club } from '@/core/ground/club/club';
import { fly } from '../flight/fly';
import { NO_WIND } from '@/core/ground/situation/wind';
import { median } from '@/core/ground/numeric/order';
import { risingRoot } from '@/core/ground/numeric/risingRoot';
import { presetSand } from '@/core/ground/sand/presets';
import { strikeBall } from '../strike/contact';
import { radians } from '@/core/ground/units/angle';
import { CLEAN_LEAN_SHARE, type Player, type Skill } from '@/core/ground/player/player';

/** Head speed grows with the length of the club to this power (tuned: a wedge is swung slower than a driver). */
const LENGTH_POWER = 1.9;
/** Head speed lost by holding the club shorter grows so with what is left. Tuned. */
const GRIP_POWER = 1.3;
const REFERENCE_LENGTH = 0.895;

/** Attack of a clean strike from grass. */
const GRASS_ATTACK = radians(3.5);

/** Slowest and fastest full swing considered, m/s at a wedge's length. */
export const HEAD_SPEED_LIMITS = [12, 62] as const;

/** Any sand serves: a clean strike touches none. */
const UNTOUCHED = presetSand('medium');

/**
 * Carry from grass of a clean strike, m.
 *
 * @param club the club, square, with the shaft leaning by the skill's share of its loft
 * @param speed head speed, m/s
 */
export function grassCarry(club: Club, speed: number, skill: Skill): number {
  const normals = headNormals(club, {
    opening: 0,
    handleLowered: 0,
    shaftLean: CLEAN_LEAN_SHARE[skill] * club.loft,
  });
  const head = {
    mark: 0,
    depth: 0,
    forward: speed * Math.cos(GRASS_ATTACK),
    down: speed * Math.sin(GRASS_ATTACK),
    swept: 0,
    path: 0,
    stalled: false,
    doubt: 0,
  };
  return fly(strikeBall(head, normals, UNTOUCHED, 0, club.headMass), 0, 0, NO_WIND).landing.x;
}

/**
 * Factor on the reference head speed for a club of this length held `gripDown` metres short.
 *
 * @example
 * lengthFactor({ length: 0.895 }, 0); // => 1
 */
export function lengthFactor(club: Club, gripDown: number): number {
  return (
    Math.pow(club.length / REFERENCE_LENGTH, LENGTH_POWER) *
    Math.pow((club.length - gripDown) / club.length, GRIP_POWER)
  );
}

/** Carry of a full 56 wedge from grass by skill when no stock carry at all is known, m. Coaching averages, tuned. */
const ASSUMED_CARRY: Record<Skill, number> = { expert: 96, good: 86, middle: 75, beginner: 59 };

/** A carry is met to this, m. */
const CLOSE_ENOUGH = 1e-6;

/**
 * Head speed at the reference length that gives one club its stock carry, m/s. A carry that no swing considered gives, such
 * as a slip of the pen, is taken as the slowest or the fastest.
 */
export function speedFromCarry(club: Club, carry: number, skill: Skill): number {
  const [slowest, fastest] = HEAD_SPEED_LIMITS;
  const over = (v: number): number => grassCarry(club, v * lengthFactor(club, 0), skill) - carry;
  const least = over(slowest);
  const most = over(fastest);
  if (least > 0) return slowest;
  if (most < 0) return fastest;
  const straight = slowest + ((fastest - slowest) * least) / (least - most);
  const search = risingRoot(slowest, least, fastest, most, straight, CLOSE_ENOUGH);
  while (search.next !== null) search.seen(over(search.next));
  return search.best;
}

/**
 * The player's full head speed at the reference length, m/s: the median over the stock carries, so that one
 * odd number does not move it. Without any, the average of the skill.
 */
export function referenceHeadSpeed(player: Player): number {
  const speeds = player.bag
    .filter((club) => club.stockCarry !== undefined && club.type !== 'putter')
    .map((club) => speedFromCarry(club, club.stockCarry!, player.skill));
  if (speeds.length > 0) return median(speeds);
  const sample = player.bag[0]!;
  const wedge: Club = { ...sample, type: 'wedge', loft: radians(56), length: REFERENCE_LENGTH };
  return speedFromCarry(wedge, ASSUMED_CARRY[player.skill], player.skill);
}
