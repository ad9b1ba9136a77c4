import { robustly } from '@/core/ground/numeric/robust';
import { summaryOf, type Told } from '../learning/summary';
import type { LoggedBall } from '../peers/recorded';

/** Summaries of a set of balls that causes are told apart by, with the least spread of each: none is ruled out by a hair. */
export const LEAST_SPREAD = {
  mark: 0.002,
  'mark spread': 0.12,
  far: 0.03,
  'far spread': 0.12,
  run: 0.02,
  side: 0.008,
  'side spread': 0.12,
  thin: 0.08,
  failed: 0.08,
  depth: 0.002,
  length: 0.01,
} as const;

export type FeatureName = keyof typeof LEAST_SPREAD;
export const FEATURES = Object.keys(LEAST_SPREAD) as FeatureName[];

/** Those that were seen. */
export type Features = Partial<Record<FeatureName, number>>;

/** Fewest balls with a mark that was measured. */
const FEW = 3;

const share = (told: readonly Told[], of: (ball: Told) => boolean | undefined): number | null => {
  const known = told.map(of).filter((value) => value !== undefined);
  if (known.length < FEW) return null;
  return Math.asin(Math.sqrt(known.filter(Boolean).length / known.length));
};

/** The summaries of a set of balls. */
export function featuresOf(balls: readonly LoggedBall[], told: readonly Told[]): Features {
  const summary = summaryOf(
    told,
    told.map(() => []),
  );
  const features: Features = {};
  for (const name of FEATURES) {
    const value = summary.get(name);
    if (value !== undefined) features[name] = value;
  }
  const thin = share(told, (ball) => ball.thin);
  if (thin !== null) features.thin = thin;
  const middles = {
    run: told.flatMap(({ run }) => run ?? []),
    depth: balls.flatMap(({ depth }) => depth ?? []),
    length: balls.flatMap(({ length }) => length ?? []),
  };
  for (const name of ['run', 'depth', 'length'] as const)
    if (middles[name].length >= FEW) features[name] = robustly(middles[name]).middle;
  return features;
}
