import type { Sand } from './presets';

/**
 * The middle of several sands, quantity by quantity: what a set-up is chosen for where the sand is not known.
 *
 * @param sands one or more
 * @throws RangeError for none
 */
export function meanSand(sands: readonly Sand[]): Sand {
  const [first, ...rest] = sands;
  if (!first) throw new RangeError('meanSand: there is no sand');
  if (rest.length === 0) return first;
  const mean = { ...first };
  for (const key of Object.keys(first) as (keyof Sand)[]) {
    mean[key] = sands.reduce((sum, sand) => sum + sand[key], 0) / sands.length;
  }
  return mean;
}
