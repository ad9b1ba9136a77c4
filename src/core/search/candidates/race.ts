import { byCost, rateOn, type Rated, type Rater } from './rate';

/** A round of a race: how many swings it rates on, and who is let into it. */
export interface Round {
  swings: number;
  /** No worse than the best by more than this, strokes. */
  near: number;
  /** No worse than the best of the same club and school by more than this, strokes. */
  own: number;
  /** At most so many. */
  most: number;
  /** The best of so many clubs are let in besides. */
  clubs?: number;
}

/** Who is still in a race, best first, and the last rating of those who are not. */
export interface Field {
  going: Rated[];
  dropped: Rated[];
}

const family = ({ setup, school }: Rated): string => `${setup.club.name}/${school.id}`;

/** The best of each club and school; the list is sorted, best first. */
export function bestOfEach(sorted: readonly Rated[]): Rated[] {
  const seen = new Set<string>();
  return sorted.filter((each) => !seen.has(family(each)) && seen.add(family(each)));
}

/** The best of each of the first `clubs` clubs; the list is sorted, best first. */
export function bestOfClubs(sorted: readonly Rated[], clubs: number): Rated[] {
  const seen = new Set<string>();
  return sorted.filter(({ setup: { club } }) => {
    if (seen.has(club.name) || seen.size >= clubs) return false;
    seen.add(club.name);
    return true;
  });
}

/** Those who are let into a round and those who are not; both sorted, best first. */
function parted(sorted: readonly Rated[], { near, own, most, clubs = 0 }: Round): Field {
  const best = sorted[0]?.cost ?? 0;
  const ofFamily = new Map(bestOfEach(sorted).map((each) => [family(each), each.cost]));
  const fits = (each: Rated): boolean =>
    each.cost <= best + near && each.cost <= ofFamily.get(family(each))! + own;
  const admitted = new Set([...sorted.filter(fits).slice(0, most), ...bestOfClubs(sorted, clubs)]);
  const going = sorted.filter((each) => admitted.has(each));
  return { going, dropped: sorted.filter((each) => !going.includes(each)) };
}

/**
 * Narrows set-ups down: each round rates those who may still win on more swings of the same sample, and leaves out those who lie
 * further behind than the sample of the round before can be wrong.
 *
 * @param field rated set-ups
 */
export function race(field: Field, rater: Rater, round: Round): Field {
  const { going, dropped } = parted([...field.going].sort(byCost), round);
  return {
    going: going.map((each) => rateOn(rater, each, round.swings)).sort(byCost),
    dropped: [...field.dropped, ...dropped],
  };
}

/** {@link race} through several rounds. */
export const raceThrough = (going: Rated[], rater: Rater, rounds: readonly Round[]): Field =>
  rounds.reduce<Field>((field, round) => race(field, rater, round), {
    going,
    dropped: [],
  });
