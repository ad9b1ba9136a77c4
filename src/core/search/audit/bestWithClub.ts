import type { Club } from '@/core/ground/club/club';
import { familiesFor } from '../candidates/candidate';
import { coarse } from '../candidates/explore';
import { pricesFor } from '../candidates/plainness';
import type { Question } from '../calls/question';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { byCost, rateOn, type Rated, type Rater } from '../candidates/rate';
import { thinned } from '../changes/quick';
import { oddsOf } from '@/core/model/odds/odds';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import type { SwingError } from '@/core/model/swing/swingError';

/** Two samples of the player's swings: one to choose by, another to judge the choice by, or luck would be counted. */
export interface Samples {
  choose: readonly SwingError[];
  judge: readonly SwingError[];
}

/** What one club can do in a shot: its score where it was chosen, and the strokes of each judging swing. */
export interface ClubResult {
  score: number;
  strokes: Float64Array;
}

const CHOICES = 3;

/** Swings of the first look. */
const COARSE = 16;

/** Who plays, in the house's schools and as cautiously as the house. */
export type Playing = Pick<Question, 'player' | 'schools' | 'caution'>;

/** The best that a club does in a shot; null when it cannot be played at the flag. */
export function bestWithClub(
  club: Club,
  { player, schools, caution = DEFAULT_CAUTION }: Playing,
  golfer: Golfer,
  shot: Shot,
  samples: Samples,
): ClubResult | null {
  const price = pricesFor(player, shot, schools);
  const rater: Rater = { golfer, shot, swings: samples.choose, caution, price, flown: 0 };
  const families = familiesFor(player, shot).families.filter((family) => family.club === club);
  const rated: Rated[] = families.flatMap((family) =>
    coarse(thinned(family), rater, COARSE).rated.slice(0, 1),
  );
  const [best] = rated
    .sort(byCost)
    .slice(0, CHOICES)
    .map((each) => rateOn(rater, each, samples.choose.length))
    .sort(byCost);
  if (!best) return null;
  const { each } = oddsOf(best.setup, golfer, shot, best.aim, samples.judge);
  return { score: best.score, strokes: each };
}
