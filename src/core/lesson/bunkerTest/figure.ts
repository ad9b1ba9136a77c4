import {
  beliefDeviation,
  beliefMean,
  beliefOf,
  beliefQuantile,
  type Belief,
} from '@/core/ground/numeric/belief';
import { SKILLS, type Skill } from '@/core/ground/player/player';
import { POINTS } from './bands';
import type { Chances } from './norm';

/**
 * The handicap that plays from bunkers as a level does. Tuned: the expert is the average of a professional tour, the others are the
 * middles of what coaches call by these names.
 */
export const LEVEL_HANDICAP: Record<Skill, number> = {
  expert: -4,
  good: 6,
  middle: 18,
  beginner: 34,
};

/** What each level's balls do from a station. */
export type Norms = Record<Skill, Chances>;

/** A ball of a test: where it was hit from, and the band that it ended in. */
export interface TestHit {
  station: number;
  band: number;
}

/** Handicap from bunkers: the middle of what is believed, and where nine in ten of it lies. */
export interface Figure {
  handicap: number;
  low: number;
  high: number;
}

const STEP = 0.5;
const LOWEST = LEVEL_HANDICAP.expert;
const HIGHEST = LEVEL_HANDICAP.beginner;

/** Handicaps that are thought of. */
const HANDICAPS = Array.from(
  { length: (HIGHEST - LOWEST) / STEP + 1 },
  (_, i) => LOWEST + i * STEP,
);

/** The chance of a band at a handicap, between the levels on either side of it. */
function chanceAt(norms: Norms, band: number, handicap: number): number {
  for (let i = 1; i < SKILLS.length; i++) {
    const [low, high] = [SKILLS[i - 1]!, SKILLS[i]!];
    const [from, to] = [LEVEL_HANDICAP[low], LEVEL_HANDICAP[high]];
    if (handicap > to && i < SKILLS.length - 1) continue;
    const share = (handicap - from) / (to - from);
    return norms[low][band]! * (1 - share) + norms[high][band]! * share;
  }
  throw new RangeError(`chanceAt: a handicap of ${handicap}`);
}

/**
 * What the balls of a test say of the player: every handicap from the best level to the last as likely before, and after by how likely
 * it makes these balls (Bayes).
 *
 * @param stations what each level does from each station
 */
export const believedOf = (hits: readonly TestHit[], stations: readonly Norms[]): Belief =>
  beliefOf(HANDICAPS, (handicap) =>
    hits.reduce(
      (sum, { station, band }) => sum + Math.log(chanceAt(stations[station]!, band, handicap)),
      0,
    ),
  );

/** The figure of what is believed. */
export const figureOf = (believed: Belief): Figure => ({
  handicap: beliefMean(believed),
  low: beliefQuantile(believed, 0.05),
  high: beliefQuantile(believed, 0.95),
});

/** Points of some balls. */
export const pointsOf = (hits: readonly TestHit[]): number =>
  hits.reduce((sum, { band }) => sum + POINTS[band]!, 0);

/** Points that a level has on the mean, of balls from some stations. */
export const expectedPoints = (
  hits: readonly Pick<TestHit, 'station'>[],
  stations: readonly Norms[],
  skill: Skill,
): number =>
  hits.reduce(
    (sum, { station }) =>
      sum +
      stations[station]![skill].reduce(
        (points, chance, band) => points + chance * POINTS[band]!,
        0,
      ),
    0,
  );

/** How one test stands to an earlier one. */
export interface Retest {
  /** By how much the handicap fell, and how likely it fell at all. */
  better: number;
  likely: number;
  /** Balls a test, of as many each time, that would tell a change of this size; null where there is none. */
  balls: number | null;
}

/** More balls than anybody hits in a test. */
const MOST_BALLS = 400;
const Z = 1.645;

/** What a later test says against an earlier one of as many balls. */
export function retestOf(before: Belief, after: Belief, balls: number): Retest {
  const better = beliefMean(before) - beliefMean(after);
  const spread = Math.hypot(beliefDeviation(before), beliefDeviation(after));
  let likely = 0;
  before.values.forEach((earlier, i) =>
    after.values.forEach((later, j) => {
      const both = before.chances[i]! * after.chances[j]!;
      if (earlier > later) likely += both;
      else if (earlier === later) likely += both / 2;
    }),
  );
  const needed = Math.ceil(balls * ((Z * spread) / better) ** 2);
  return {
    better,
    likely,
    balls: Math.abs(better) < STEP || needed > MOST_BALLS ? null : needed,
  };
}
