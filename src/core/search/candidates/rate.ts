import { type Odds, oddsOf } from '@/core/model/shot/odds';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import type { SwingError } from '@/core/model/swing/swingError';
import type { School } from '../schools/school';
import { scoreOf } from './rank';
import type { Solved } from './solve';

/** A solved set-up with its odds over some of the common swings, and its score. Lower is better. */
export interface Rated extends Solved {
  school: School;
  odds: Odds;
  score: number;
}

/** What rates set-ups: the same swings and the same weight of the worst tenth for all of them. */
export interface Rater {
  golfer: Golfer;
  shot: Shot;
  swings: readonly SwingError[];
  caution: number;
  /** Shots flown so far, for the account of what a search costs. */
  flown: number;
}

/** Rates a solved set-up over the first `count` swings. */
export function rate(rater: Rater, solved: Solved, school: School, count: number): Rated {
  rater.flown += count + 1;
  const { golfer, shot, swings, caution } = rater;
  const odds = oddsOf(solved.setup, golfer, shot, solved.aim, swings, count);
  return { ...solved, school, odds, score: scoreOf(odds, caution) };
}

export const byScore = (a: { score: number }, b: { score: number }): number => a.score - b.score;
