import { multinormalOf, type Multinormal } from '@/core/ground/numeric/multinormal';
import { samplerOf } from '@/core/ground/numeric/sampling';
import type { Golfer } from '@/core/model/golfer/golfer';
import { sampleSwings } from '@/core/model/spread/swings';
import { CAUSES, NOTHING } from './causes';
import { causedBalls, meantHits, type Simulated } from './caused';
import type { Hit } from '@/core/model/shot/hit';
import { featuresOf, type FeatureName, type Features, type FoundBall } from './features';

/** What the summaries of a set of balls look like under a cause: their moments together, in the order of the names. */
export interface Look {
  names: FeatureName[];
  moments: Multinormal;
}

/** The look of each cause, by the cause's id; empty when nothing was seen. */
export type Looks = ReadonlyMap<string, Look>;

/** Sets of balls that each cause is simulated with, and balls in each at least and at most. */
const SETS = 64;
const FEWEST = 3;
const MOST = 24;

/** Share by which covariances are shrunk: so few sets tell them badly. Tuned on simulated faults. */
const SHRINK = 0.2;

/** Least spread of a summary, so that a cause is not ruled out by a hair. */
const LEAST_SD: Record<FeatureName, number> = {
  entry: 0.002,
  entrySpread: 0.12,
  carry: 0.03,
  carrySpread: 0.12,
  direction: 0.008,
  thin: 0.08,
  depth: 0.002,
};

/** The look of simulated sets, from the summaries named. */
function lookOf(sets: readonly Features[], names: FeatureName[]): Look {
  const moments = multinormalOf(
    sets.map((set) => names.map((name) => set[name]!)),
    SHRINK,
  );
  names.forEach((name, i) => {
    const variances = moments.covariance[i]!;
    variances[i] = Math.max(LEAST_SD[name] ** 2, variances[i]!);
  });
  return { names, moments };
}

/**
 * Simulates every cause through the model for this player and these calls, in sets of as many balls as were logged, and says
 * what each looks like. Ticks do not matter here: the same looks serve while a coach looks on.
 *
 * @param balls what was seen
 * @param hits the call of each ball; at least one
 * @param seed same input and seed, same looks
 */
export function looksFor(
  balls: readonly FoundBall[],
  hits: readonly Hit[],
  golfer: Golfer,
  seed: number,
): Looks {
  const features = featuresOf(balls);
  if (Object.keys(features).length === 0) return new Map();
  const meant = meantHits(hits, golfer);
  const sampler = samplerOf(seed);
  const simulated: Simulated = {
    golfer,
    swings: sampleSwings(golfer.habits, 512, seed),
    count: Math.min(MOST, Math.max(FEWEST, balls.length)),
    depths: 'depth' in features,
  };
  const simulations = [NOTHING, ...CAUSES].map((cause) => ({
    id: cause.id,
    sets: Array.from({ length: SETS }, () =>
      featuresOf(causedBalls(cause, meant, simulated, sampler)),
    ),
  }));
  // A summary that some set lacks, such as the direction of balls that all stayed in, cannot be compared.
  const names = (Object.keys(LEAST_SD) as FeatureName[]).filter((name) =>
    simulations.every(({ sets }) => sets.every((set) => set[name] !== undefined)),
  );
  return new Map(simulations.map(({ id, sets }) => [id, lookOf(sets, names)]));
}
