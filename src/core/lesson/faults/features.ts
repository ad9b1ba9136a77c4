import type { Seen } from '@/core/model/shot/seen';

/** A ball as the finder looks at it: what was not seen is absent. Lengths in m, to the player's side positive. */
export interface FoundBall {
  /** Further behind the ball than meant. */
  entryOff?: number;
  /** Carry over the carry of the call. */
  carryShare?: number;
  /** Direction off the line, radians. */
  direction?: number;
  thin?: boolean;
  /** Depth of the mark, m. */
  depth?: number;
}

/** Summaries of a set of balls that causes are told apart by; absent where too few were seen. */
export type FeatureName =
  'entry' | 'entrySpread' | 'carry' | 'carrySpread' | 'direction' | 'thin' | 'depth';

export type Features = Partial<Record<FeatureName, number>>;

const LEAST = 3;
const LEAST_SHARE = 0.05;

const values = <T>(balls: readonly FoundBall[], of: (ball: FoundBall) => T | undefined): T[] =>
  balls.map(of).filter((value): value is T & {} => value !== undefined);

const mean = (list: readonly number[]): number =>
  list.reduce((sum, value) => sum + value, 0) / list.length;

/** Logarithm of a standard deviation, with a floor: spreads are compared as ratios. */
function logSpread(list: readonly number[], floor: number): number {
  const middle = mean(list);
  const variance = list.reduce((sum, v) => sum + (v - middle) ** 2, 0) / (list.length - 1);
  return Math.log(Math.max(floor, Math.sqrt(variance)));
}

/** Mean without the least and the greatest: one wild ball does not rule. */
function trimmed(list: readonly number[]): number {
  if (list.length < 5) return mean(list);
  const sorted = [...list].sort((a, b) => a - b);
  return mean(sorted.slice(1, -1));
}

/** The summaries of a set of balls. */
export function featuresOf(balls: readonly FoundBall[]): Features {
  const entries = values(balls, ({ entryOff }) => entryOff);
  const carries = values(balls, ({ carryShare }) =>
    carryShare === undefined ? undefined : Math.log(Math.max(LEAST_SHARE, carryShare)),
  );
  const directions = values(balls, ({ direction }) => direction);
  const thins = values(balls, ({ thin }) => thin);
  const depths = values(balls, ({ depth }) => depth);
  const features: Features = {};
  if (entries.length >= LEAST) {
    features.entry = trimmed(entries);
    features.entrySpread = logSpread(entries, 0.002);
  }
  if (carries.length >= LEAST) {
    features.carry = trimmed(carries);
    features.carrySpread = logSpread(carries, 0.02);
  }
  if (directions.length >= LEAST) features.direction = trimmed(directions);
  if (thins.length >= LEAST) {
    // The square root of a share, as angles are taken of counts: its spread hardly depends on the share.
    features.thin = Math.asin(Math.sqrt(thins.filter(Boolean).length / thins.length));
  }
  if (depths.length >= LEAST) features.depth = trimmed(depths);
  return features;
}

/** What the finder sees of a ball, against what was meant. */
export const foundOf = (seen: Seen, meant: { entry: number; carry: number }): FoundBall => ({
  entryOff: seen.entry - meant.entry,
  ...(meant.carry > 0 ? { carryShare: seen.carry / meant.carry } : {}),
  ...(seen.x > 0.5 ? { direction: Math.atan2(seen.y, seen.x) } : {}),
  thin: seen.thin,
});
