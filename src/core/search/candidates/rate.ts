import { type Odds, oddsOf } from '@/core/model/odds/odds';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import type { SwingError } from '@/core/model/swing/swingError';
import type { School } from '../schools/school';
import type { Price } from './plainness';
import { scoreOf } from './rank';
import type { Solved } from './solve';

/** A solved set-up with its odds over some of the common swings, its score, and its cost: the score with the price of what is not plain. Lower is better. */
export interface Rated extends Solved {
  school: School;
  odds: Odds;
  score: number;
  cost: number;
}

/** What rates set-ups: the same swings and the same weight of the worst tenth for all of them. */
export interface Rater {
  golfer: Golfer;
  shot: Shot;
  swings: readonly SwingError[];
  caution: number;
  price: Price;
  /** Whether what does not reach the flag is played as far as it goes, however near the flag is. */
  short?: boolean;
  /** Shots flown so far, for the account of what a search costs. */
  flown: number;
}

/** What is added to a shot that stays in more often than not, strokes: all of it for one that never gets out. Tuned. */
const DOUBT = { price: 0.6, from: 0.5 } as const;

/** Coaches play no shot that fails more often than not where another way costs little more. */
const doubtPrice = ({ out }: Odds): number =>
  DOUBT.price * Math.max(0, (DOUBT.from - out) / DOUBT.from);

/** A solved set-up with these odds, scored and priced. */
function ratedBy(rater: Rater, solved: Solved, school: School, odds: Odds): Rated {
  const score = scoreOf(odds, rater.caution);
  const cost = score + rater.price(solved.setup, school, solved.finish.x) + doubtPrice(odds);
  return { ...solved, school, odds, score, cost };
}

/** Rates a solved set-up over the first `count` swings. */
export function rate(rater: Rater, solved: Solved, school: School, count: number): Rated {
  rater.flown += count + 1;
  const { golfer, shot, swings } = rater;
  const odds = oddsOf(solved.setup, golfer, shot, solved.aim, swings, count, null, solved.finish);
  return ratedBy(rater, solved, school, odds);
}

/** Rates again over more swings, without playing those of before again. */
export function rateOn(rater: Rater, rated: Rated, count: number): Rated {
  const known = rated.odds;
  if (known.each.length >= count) return rated;
  rater.flown += count - known.each.length + 1;
  const { golfer, shot, swings } = rater;
  const odds = oddsOf(rated.setup, golfer, shot, rated.aim, swings, count, known, rated.finish);
  return ratedBy(rater, rated, rated.school, odds);
}

export const byCost = (a: { cost: number }, b: { cost: number }): number => a.cost - b.cost;
