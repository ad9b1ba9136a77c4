import type { Shot } from '@/core/ground/situation/shot';
import { callingFirst } from '../calls/leaders';
import type { Question } from '../calls/question';
import type { MixedShot } from './mix';

/** How often a club is called over a mix, as a share of it; {@link NO_CLUB} where nothing gets out at the flag. */
export interface Usage {
  club: string;
  share: number;
}

/** Stands for the club where what is called is not a ball at the flag. */
export const NO_CLUB = '';

/**
 * The club that the desk calls first in each of some shots. Yields now and then, so that whoever runs it may do something else, or
 * stop.
 *
 * @param question who plays, and what is preferred; its shot does not matter
 */
export function* callingClubs(
  question: Omit<Question, 'seed'>,
  shots: readonly Shot[],
): Generator<void, string[]> {
  const clubs: string[] = [];
  for (const shot of shots) {
    const first = yield* callingFirst({ ...question, shot });
    clubs.push(first?.club ?? NO_CLUB);
  }
  return clubs;
}

/**
 * How often each club of the bag is called over what is known of a mix, most called first, clubs that are never called
 * included.
 *
 * @param called the club called in each shot of the mix; absent where that is not worked out yet
 */
export function usageOf(
  bag: readonly { name: string }[],
  mix: readonly MixedShot[],
  called: readonly (string | undefined)[],
): Usage[] {
  const shares = new Map(bag.map(({ name }) => [name, 0]));
  let known = 0;
  mix.forEach(({ weight }, i) => {
    const club = called[i];
    if (club === undefined) return;
    shares.set(club, (shares.get(club) ?? 0) + weight);
    known += weight;
  });
  return [...shares]
    .map(([club, share]) => ({ club, share: known > 0 ? share / known : 0 }))
    .sort((a, b) => b.share - a.share);
}
