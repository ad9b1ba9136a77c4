import { quantile } from '@/core/ground/numeric/order';
import type { Sampler } from '@/core/ground/numeric/sampling';

/** A number that was learnt: middle of what is believed, and where nine in ten of it lies. */
export interface Estimate {
  mean: number;
  low: number;
  high: number;
}

/** One kind of residual: a value and the group (club) that it belongs to. */
export interface Residual {
  value: number;
  group: number;
}

/** What is believed before any ball. */
export interface Prior {
  /** Standard deviation of the bias about nought. */
  bias: number;
  /** Spread that the skill says, and how far a player may be from it: as so many balls' worth of belief. */
  spread: number;
  worth: number;
  /** Standard deviation of a group's own offset about the bias; 0 for none. */
  group: number;
}

/** What is believed after the balls. */
export interface Posterior {
  bias: Estimate;
  spread: Estimate;
  groups: Estimate[];
}

/** Tails of the residuals: Student's t of so many degrees of freedom, so that one wild ball does not rule. */
const TAILS = 6;

/** Scale of that t, fitted to normal residuals of standard deviation 1: spreads are told as standard deviations. */
const SCALE_OF_NORMAL = 0.878;

const BURN_IN = 150;
const DRAWS = 600;
const SHARE = 0.9;

function estimateOf(draws: Float64Array): Estimate {
  let mean = 0;
  for (const value of draws) mean += value / draws.length;
  return {
    mean,
    low: quantile(draws, (1 - SHARE) / 2),
    high: quantile(draws, (1 + SHARE) / 2),
  };
}

/**
 * Bias and spread of a kind of residual, with an offset for each group, by Gibbs sampling: value = bias + offset of the
 * group + t error. Normal priors on bias and offsets, a scaled inverse chi-squared one on the square of the spread
 * (Gelman and others, Bayesian Data Analysis, 3rd ed., chapters 11 and 17; the t as a mixture of normals).
 *
 * @param residuals any number, none too: then the prior comes back
 * @param groups how many groups there are
 */
export function learnChannel(
  residuals: readonly Residual[],
  groups: number,
  prior: Prior,
  sampler: Sampler,
): Posterior {
  const n = residuals.length;
  const weights = new Float64Array(n).fill(1);
  const offsets = new Float64Array(groups);
  const priorScale = prior.spread * SCALE_OF_NORMAL;
  let bias = 0;
  let variance = priorScale * priorScale;
  const biases = new Float64Array(DRAWS);
  const spreads = new Float64Array(DRAWS);
  const offsetDraws = Array.from({ length: groups }, () => new Float64Array(DRAWS));
  const sums = new Float64Array(groups);
  const masses = new Float64Array(groups);

  for (let step = -BURN_IN; step < DRAWS; step++) {
    let sum = 0;
    let mass = 0;
    let squares = 0;
    sums.fill(0);
    masses.fill(0);
    for (let i = 0; i < n; i++) {
      const { value, group } = residuals[i]!;
      const off = value - bias - offsets[group]!;
      weights[i] = sampler.gamma((TAILS + 1) / 2, (TAILS + (off * off) / variance) / 2);
      const w = weights[i]!;
      sum += w * (value - offsets[group]!);
      mass += w;
      squares += w * off * off;
    }
    variance =
      (prior.worth * priorScale * priorScale + squares) /
      (2 * sampler.gamma((prior.worth + n) / 2, 1));
    const precision = mass / variance + 1 / (prior.bias * prior.bias);
    bias = sampler.normal(sum / variance / precision, Math.sqrt(1 / precision));
    if (prior.group > 0) {
      for (let i = 0; i < n; i++) {
        const { value, group } = residuals[i]!;
        sums[group] = sums[group]! + weights[i]! * (value - bias);
        masses[group] = masses[group]! + weights[i]!;
      }
      for (let g = 0; g < groups; g++) {
        const own = masses[g]! / variance + 1 / (prior.group * prior.group);
        offsets[g] = sampler.normal(sums[g]! / variance / own, Math.sqrt(1 / own));
      }
    }
    if (step >= 0) {
      biases[step] = bias;
      spreads[step] = Math.sqrt(variance) / SCALE_OF_NORMAL;
      for (let g = 0; g < groups; g++) offsetDraws[g]![step] = offsets[g]!;
    }
  }
  return {
    bias: estimateOf(biases),
    spread: estimateOf(spreads),
    groups: offsetDraws.map(estimateOf),
  };
}
