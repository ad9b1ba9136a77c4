import {
  beliefDeviation,
  beliefMean,
  beliefQuantile,
  chancesOf,
  type Belief,
} from '@/core/ground/numeric/belief';
import { inverseNormal } from '@/core/ground/numeric/normal';
import { SKILLS, type Skill } from '@/core/ground/player/player';
import { TEST_SURE } from '../review/luck';
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

/**
 * Least and greatest handicap that is thought of. Further than the levels: were they the ends, whoever plays as the best or the last would be
 * told to be nearer the middle, by six of a true +4 and five of a true 34.
 */
export const HANDICAP_RANGE = [-12, 50] as const;
const [LOWEST, HIGHEST] = HANDICAP_RANGE;

/** Handicaps that are thought of. */
const HANDICAPS = Array.from(
  { length: (HIGHEST - LOWEST) / STEP + 1 },
  (_, i) => LOWEST + i * STEP,
);

/** Logarithms of the chances of each band at a handicap: mixed between two levels, and led on in proportion beyond the best and the last. */
function logChancesAt(norms: Norms, handicap: number): number[] {
  const above = SKILLS.findIndex((skill) => handicap <= LEVEL_HANDICAP[skill]);
  const high = above < 0 ? SKILLS.length - 1 : Math.max(1, above);
  const [a, b] = [SKILLS[high - 1]!, SKILLS[high]!];
  const share = (handicap - LEVEL_HANDICAP[a]) / (LEVEL_HANDICAP[b] - LEVEL_HANDICAP[a]);
  const between = share >= 0 && share <= 1;
  const weights = norms[a].map((chance, band) =>
    between
      ? chance * (1 - share) + norms[b][band]! * share
      : chance ** (1 - share) * norms[b][band]! ** share,
  );
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => Math.log(weight / all));
}

/**
 * What a ball says counts this much of what it would if players of one handicap were alike. Tuned: intervals of 90 % then hold 87 to 98 of 100
 * players who differ as players of one level do (docs/practice.md).
 */
const ALIKE = 0.8;

/** Handicaps over which players beyond the best and the last level become rarer. Tuned: so that neither end is drawn in. */
const BEYOND = 9;

/** Logarithm of how usual a handicap is among those who are tested: all within the levels alike. */
function logUsual(handicap: number): number {
  const over = Math.max(LEVEL_HANDICAP.expert - handicap, handicap - LEVEL_HANDICAP.beginner, 0);
  return -((over / BEYOND) ** 2) / 2;
}

/** Balls of a test, with what each level does from each of its stations. */
export interface TestBalls {
  hits: readonly TestHit[];
  norms: readonly Norms[];
}

/** How likely each handicap makes the balls of a test, as logarithms up to a constant. */
function logLikelihoods({ hits, norms }: TestBalls): number[] {
  const counts = norms.map(() => new Array<number>(norms[0]![SKILLS[0]].length).fill(0));
  for (const { station, band } of hits) counts[station]![band]! += 1;
  return HANDICAPS.map((handicap) =>
    counts.reduce((sum, bands, station) => {
      const logs = logChancesAt(norms[station]!, handicap);
      return sum + ALIKE * bands.reduce((of, count, band) => of + count * logs[band]!, 0);
    }, 0),
  );
}

/**
 * What the balls of a test say of the player: every handicap from the best level to the last as likely before, and after by how likely it makes
 * these balls (Bayes).
 *
 * @param norms what each level does from each station
 */
export const believedOf = (hits: readonly TestHit[], norms: readonly Norms[]): Belief => ({
  values: HANDICAPS,
  chances: chancesOf(
    logLikelihoods({ hits, norms }).map((log, i) => log + logUsual(HANDICAPS[i]!)),
  ),
});

/** The figure of what is believed. */
export const figureOf = (believed: Belief): Figure => ({
  handicap: beliefQuantile(believed, 0.5),
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

/** How a test stands to the earlier ones. */
export interface Retest {
  /** By how much the handicap fell, and how likely it fell at all. */
  better: number;
  likely: number;
  /** Balls a test, of as many each time, that would show a change of this size four times in five; null where that is too many. */
  balls: number | null;
  /** How many earlier tests it is held against. */
  earlier: number;
}

/** More balls than anybody hits in a test, and what they are counted in. */
const MOST_BALLS = 400;
const BALLS_STEP = 5;

/** Deviates of a change that is more than luck, and of four times in five. */
const FOUND = inverseNormal(TEST_SURE) + inverseNormal(0.8);

/** How far from the middle of their level players lie, handicap. Tuned: to players who differ as players of one level do. */
const OF_A_LEVEL = 12;

/**
 * What a test says against all earlier ones. Who is tested again after a bad day does better by luck alone: held against all tests, and with
 * what is usual for the level, that luck is left out.
 */
export function retestOf(earlier: readonly TestBalls[], later: TestBalls, skill: Skill): Retest {
  const logs = earlier.map(logLikelihoods);
  const usual = LEVEL_HANDICAP[skill];
  const before: Belief = {
    values: HANDICAPS,
    chances: chancesOf(
      HANDICAPS.map((handicap, i) =>
        logs.reduce((sum, log) => sum + log[i]!, -(((handicap - usual) / OF_A_LEVEL) ** 2) / 2),
      ),
    ),
  };
  const after = believedOf(later.hits, later.norms);
  const better = beliefMean(before) - beliefMean(after);
  let likely = 0;
  before.values.forEach((was, i) =>
    after.values.forEach((is, j) => {
      const both = before.chances[i]! * after.chances[j]!;
      if (was > is) likely += both;
      else if (was === is) likely += both / 2;
    }),
  );
  const ballsBefore = earlier.reduce((sum, { hits }) => sum + hits.length, 0);
  const ofABall = Math.hypot(
    beliefDeviation(before) * Math.sqrt(ballsBefore),
    beliefDeviation(after) * Math.sqrt(later.hits.length),
  );
  const needed = Math.ceil(((FOUND * ofABall) / better) ** 2 / BALLS_STEP) * BALLS_STEP;
  return {
    better,
    likely,
    balls: Math.abs(better) < STEP || needed > MOST_BALLS ? null : needed,
    earlier: earlier.length,
  };
}
