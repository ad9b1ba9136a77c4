import type { Club } from '../club/club';
import type { Player } from '../player/player';
import { familiesFor } from '../search/candidate';
import { coarse } from '../search/explore';
import { byScore, rate, type Rated, type Rater } from '../search/rate';
import { thinned } from '../search/quick';
import { oddsOf } from '../shot/odds';
import type { Golfer } from '../shot/play';
import type { Shot } from '../shot/shot';
import type { SwingError } from '../shot/strike';

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

/** The best that a club does in a shot; null when it cannot be played at the flag. */
export function bestWithClub(
  club: Club,
  player: Player,
  golfer: Golfer,
  shot: Shot,
  samples: Samples,
  caution: number,
): ClubResult | null {
  const rater: Rater = { golfer, shot, swings: samples.choose, caution, flown: 0 };
  const families = familiesFor(player, shot).families.filter((family) => family.club === club);
  const rated: Rated[] = families.flatMap((family) =>
    coarse(thinned(family), rater).rated.slice(0, 1),
  );
  const [best] = rated
    .sort(byScore)
    .slice(0, CHOICES)
    .map((each) => rate(rater, each, each.school, samples.choose.length))
    .sort(byScore);
  if (!best) return null;
  const { each } = oddsOf(best.setup, golfer, shot, best.aim, samples.judge);
  return { score: best.score, strokes: each };
}
