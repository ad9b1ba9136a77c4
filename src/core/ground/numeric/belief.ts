/** What is believed of a number: values that it may have, and how likely each is, together 1. */
export interface Belief {
  values: readonly number[];
  chances: number[];
}

/**
 * Chances that add up to one from logarithms of weights, up to a constant: safe for logarithms far below what a number holds.
 *
 * @example
 * chancesOf([-1000, -1000]); // => [0.5, 0.5]
 */
export function chancesOf(logs: readonly number[]): number[] {
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / all);
}

/**
 * Beliefs from how likely each value makes what was seen, by {@link chancesOf}.
 *
 * @param logLikelihood logarithm of the weight of a value, up to a constant
 * @example
 * beliefOf([1, 2], (value) => (value === 1 ? 0 : -Infinity)).chances; // => [1, 0]
 */
export const beliefOf = (
  values: readonly number[],
  logLikelihood: (value: number) => number,
): Belief => ({ values, chances: chancesOf(values.map(logLikelihood)) });

/** The mean of a belief. */
export const beliefMean = ({ values, chances }: Belief): number =>
  values.reduce((sum, value, i) => sum + value * chances[i]!, 0);

/** The standard deviation of a belief. */
export function beliefDeviation(belief: Belief): number {
  const mean = beliefMean(belief);
  const { values, chances } = belief;
  return Math.sqrt(values.reduce((sum, value, i) => sum + (value - mean) ** 2 * chances[i]!, 0));
}

/**
 * The value below or at which so much of a belief lies.
 *
 * @param share from 0 to 1
 * @example
 * beliefQuantile({ values: [1, 2, 3], chances: [0.2, 0.5, 0.3] }, 0.5); // => 2
 */
export function beliefQuantile({ values, chances }: Belief, share: number): number {
  let below = 0;
  for (let i = 0; i < chances.length; i++) {
    below += chances[i]!;
    if (below >= share) return values[i]!;
  }
  return values.at(-1)!;
}
