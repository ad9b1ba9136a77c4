import type { Golfer } from '@/core/model/golfer/golfer';
import type { Hit } from '@/core/model/shot/hit';
import { oddsOf } from '@/core/model/odds/odds';
import { sampleSwings } from '@/core/model/spread/swings';
import { differing } from '../peers/meant';
import type { Difference } from '../peers/peer';
import { estimateOf, type Estimate } from './estimate';

/** What taking a learning over is expected to save, strokes a ball, over what is believed of the player. */
export interface Saving extends Estimate {
  /** Whether it is worth it: enough on the mean, and likely not to cost anything. */
  worth: boolean;
}

/** One shot as it is called now, and as it would be called then. */
export interface Choice {
  now: Hit;
  then: Hit;
}

/** Swings of each player that might have hit the balls. */
const SWINGS = 256;
const SEED = 3;

/** Least saving that is worth a coach's while, strokes a ball, and least chance that there is one at all. Tuned. */
const WORTH = 0.01;
const LIKELY = 0.75;

/**
 * What calls that were learnt save against those that stand, each played by every player that might have hit the balls: the mean over
 * shots, and where nine in ten of what is believed lie.
 *
 * @param choices one at least
 * @param draws players, each as likely as the other
 */
export function savingOf(
  choices: readonly Choice[],
  golfer: Golfer,
  draws: readonly Difference[],
): Saving {
  const saved = draws.map((draw) => {
    const player = differing(golfer, draw);
    const swings = sampleSwings(player.habits, SWINGS, SEED);
    const strokes = ({ setup, aim, shot }: Hit): number =>
      oddsOf(setup, player, shot, aim, swings).strokes;
    return (
      choices.reduce((sum, { now, then }) => sum + strokes(now) - strokes(then), 0) / choices.length
    );
  });
  const estimate = estimateOf(saved, new Float64Array(saved.length).fill(1));
  const likely = saved.filter((strokes) => strokes > 0).length / saved.length;
  return { ...estimate, worth: estimate.mean >= WORTH && likely >= LIKELY };
}
