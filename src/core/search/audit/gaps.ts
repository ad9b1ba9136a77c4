import type { Club } from '@/core/ground/club/club';
import { grassCarry, lengthFactor } from '@/core/model/golfer/headSpeed';
import type { Skill } from '@/core/ground/player/player';

/** The step between two neighbours of a set, from the more to the less lofted. Radians and m. */
export interface Gap {
  from: string;
  to: string;
  loft: number;
  carry: number;
  /** True when the carry of either was reckoned from the head speed and not said. */
  reckoned: boolean;
  judgement: 'even' | 'wide' | 'narrow';
}

/** Steps of carry that coaches call even, m: about 10 to 15 yards between wedges. */
const NARROW = 7.5;
const WIDE = 15.5;

/** Stock carry of a club: as said, or reckoned from the player's head speed, m. */
function carryOf(club: Club, headSpeed: number, skill: Skill): { carry: number; said: boolean } {
  if (club.stockCarry !== undefined) return { carry: club.stockCarry, said: true };
  return { carry: grassCarry(club, headSpeed * lengthFactor(club, 0), skill), said: false };
}

/**
 * Gaps in loft and carry from the most lofted wedge down to the irons of a bag; putters and woods are left out.
 *
 * @param headSpeed full head speed at the reference length, m/s
 */
export function gapsOf(bag: readonly Club[], headSpeed: number, skill: Skill): Gap[] {
  const set = bag
    .filter(({ type }) => type === 'wedge' || type === 'iron')
    .sort((a, b) => b.loft - a.loft);
  return set.slice(1).map((to, i) => {
    const from = set[i]!;
    const near = carryOf(from, headSpeed, skill);
    const far = carryOf(to, headSpeed, skill);
    const carry = far.carry - near.carry;
    return {
      from: from.name,
      to: to.name,
      loft: from.loft - to.loft,
      carry,
      reckoned: !near.said || !far.said,
      judgement: carry > WIDE ? 'wide' : carry < NARROW ? 'narrow' : 'even',
    };
  });
}
