import type { Shot } from '@/core/ground/situation/shot';
import type { Player } from '@/core/ground/player/player';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { leaders } from '../changes/quick';
import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import type { MixedShot } from './mix';

/** How often a club is called over a mix, as a share of it; `none` where nothing gets out at the flag. */
export interface Usage {
  club: string;
  share: number;
}

const SWINGS = 64;

/** What is called where nothing gets out at the flag. */
const NONE = 'none';

/** The club that is called in each of some shots. */
export function clubsCalled(player: Player, shots: readonly Shot[], seed: number): string[] {
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, SWINGS, seed);
  const question = { player, golfer, swings, caution: DEFAULT_CAUTION };
  return shots.map((shot) => leaders(question, shot)[0]?.club ?? NONE);
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
