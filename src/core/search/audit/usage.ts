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

/**
 * How often each club of the bag is called over a mix of shots. Yields the shares so far after each shot, clubs that
 * are never called included, most called first.
 */
export function* usageOver(
  player: Player,
  mix: readonly MixedShot[],
  seed: number,
): Generator<Usage[]> {
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, SWINGS, seed);
  const question = { player, golfer, swings, caution: DEFAULT_CAUTION };
  const shares = new Map(player.bag.map(({ name }) => [name, 0]));
  let done = 0;
  for (const { shot, weight } of mix) {
    const club = leaders(question, shot)[0]?.club ?? 'none';
    shares.set(club, (shares.get(club) ?? 0) + weight);
    done += weight;
    yield [...shares]
      .map(([name, share]) => ({ club: name, share: share / done }))
      .sort((a, b) => b.share - a.share);
  }
}
