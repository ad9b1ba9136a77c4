import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { familiesFor } from '../candidates/candidate';
import { coarse } from '../candidates/explore';
import { pricesFor } from '../candidates/plainness';
import { POINTS } from '../candidates/points';
import type { Rater } from '../candidates/rate';
import type { Question } from './question';

/**
 * Whether anything in the bag gets this ball out at the flag as it is meant: the question that {@link choosing} begins with, asked
 * club by club until one does.
 */
export function getsOut({
  player,
  shot,
  only,
}: Pick<Question, 'player' | 'shot' | 'only'>): boolean {
  const golfer = golferOf(player);
  const rater: Rater = {
    golfer,
    shot,
    swings: sampleSwings(golfer.habits, 1, POINTS),
    caution: 0,
    price: pricesFor(player, shot),
    flown: 0,
  };
  const { families } = familiesFor(player, shot, only?.length ? only : undefined);
  return families.some((family) => coarse(family, rater, 1).rated.length > 0);
}
