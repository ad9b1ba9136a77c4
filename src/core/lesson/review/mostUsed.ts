import { schoolById } from '@/core/search/schools/schools';
import type { CalledBall } from './against';

/** The club that a player splashes with most, out of how many splashes that were logged. */
export interface MostUsed {
  club: string;
  balls: number;
  of: number;
}

/** Splashes from which on they say something of what a player likes, and the least share of the club they do it with. */
const ENOUGH = 12;
const MOST = 0.5;

/**
 * The club of the bag that more than half of a player's logged splashes were played with; null while they are too few, or no club
 * stands out.
 *
 * @param clubs names of the bag
 */
export function mostUsed(
  balls: readonly Pick<CalledBall, 'call'>[],
  clubs: readonly string[],
): MostUsed | null {
  const counts = new Map<string, number>();
  let of = 0;
  for (const { call } of balls) {
    if (schoolById(call.school)?.kind !== 'splash') continue;
    of += 1;
    counts.set(call.club, (counts.get(call.club) ?? 0) + 1);
  }
  const [most] = [...counts].sort((a, b) => b[1] - a[1]);
  if (of < ENOUGH || !most) return null;
  const [club, count] = most;
  return clubs.includes(club) && count > MOST * of ? { club, balls: count, of } : null;
}
