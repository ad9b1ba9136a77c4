import { inverseNormal } from './normal';
import { seededUint32 } from './random';

/** Draws from distributions, in order, from one seed. */
export interface Sampler {
  /** Between 0 and 1, exclusive. */
  uniform: () => number;
  normal: (mean: number, sd: number) => number;
  /** Gamma of this shape, above 0, and rate. */
  gamma: (shape: number, rate: number) => number;
  /** Any of a list of at least one, each as likely. */
  oneOf: <T>(list: readonly T[]) => T;
}

/**
 * A seeded sampler. Gamma by G. Marsaglia and W. W. Tsang, "A simple method for generating gamma variables", ACM
 * Transactions on Mathematical Software 26 (2000); below shape 1 with their boost.
 *
 * @example
 * samplerOf(3).normal(5, 0); // => 5
 */
export function samplerOf(seed: number): Sampler {
  const next = seededUint32(seed);
  const uniform = (): number => (next() + 0.5) / 2 ** 32;
  const standard = (): number => inverseNormal(uniform());
  const gammaOne = (shape: number): number => {
    if (shape < 1) return gammaOne(shape + 1) * uniform() ** (1 / shape);
    const d = shape - 1 / 3;
    const c = 1 / Math.sqrt(9 * d);
    for (;;) {
      const x = standard();
      const v = (1 + c * x) ** 3;
      if (v <= 0) continue;
      const u = uniform();
      if (Math.log(u) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v;
    }
  };
  return {
    uniform,
    normal: (mean, sd) => mean + sd * standard(),
    gamma: (shape, rate) => gammaOne(shape) / rate,
    oneOf: (list) => list[Math.floor(uniform() * list.length)]!,
  };
}
