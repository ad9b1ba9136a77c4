import { inverseNormal } from './normal';
import { seededUint32 } from './random';

/** Draws from distributions, in order, from one seed. */
export interface Sampler {
  /** Between 0 and 1, exclusive. */
  uniform: () => number;
  normal: (mean: number, sd: number) => number;
  /** Student's t of so many degrees of freedom, above 2, scaled to a standard deviation of 1. */
  student: (freedom: number) => number;
  /** Any of a list of at least one, each as likely. */
  oneOf: <T>(list: readonly T[]) => T;
}

/**
 * A seeded sampler. Student's t by R. W. Bailey, "Polar generation of random variates with the t-distribution", Mathematics of Computation 62
 * (1994): a pair of evens and one power a draw.
 *
 * @example
 * samplerOf(3).normal(5, 0); // => 5
 */
export function samplerOf(seed: number): Sampler {
  const next = seededUint32(seed);
  const uniform = (): number => (next() + 0.5) / 2 ** 32;
  const standard = (): number => inverseNormal(uniform());
  const student = (freedom: number): number => {
    for (;;) {
      const u = 2 * uniform() - 1;
      const v = 2 * uniform() - 1;
      const w = u * u + v * v;
      if (w > 1) continue;
      return u * Math.sqrt(((freedom - 2) * (w ** (-2 / freedom) - 1)) / w);
    }
  };
  return {
    uniform,
    student,
    normal: (mean, sd) => mean + sd * standard(),
    oneOf: (list) => list[Math.floor(uniform() * list.length)]!,
  };
}
