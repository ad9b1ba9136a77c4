/** A number that was learnt: the middle of what is believed, and where nine in ten of it lies. */
export interface Estimate {
  mean: number;
  low: number;
  high: number;
}

const SHARE = 0.9;

/**
 * The estimate of weighted values: their mean, and the middle nine tenths of their weight.
 *
 * @param values and weights of the same length; one weight above 0 at least
 * @example
 * estimateOf([1, 2, 3], [0, 1, 0]); // => { mean: 2, low: 2, high: 2 }
 */
export function estimateOf(values: readonly number[], weights: ArrayLike<number>): Estimate {
  const order = values.map((_, i) => i).filter((i) => weights[i]! > 0);
  order.sort((a, b) => values[a]! - values[b]!);
  let mass = 0;
  let sum = 0;
  for (const i of order) {
    mass += weights[i]!;
    sum += weights[i]! * values[i]!;
  }
  const at = (share: number): number => {
    let below = 0;
    for (const i of order) {
      below += weights[i]!;
      if (below >= share * mass) return values[i]!;
    }
    return values[order.at(-1)!]!;
  };
  return { mean: sum / mass, low: at((1 - SHARE) / 2), high: at((1 + SHARE) / 2) };
}
