/* What a few values say, allowing for how few they are. */

/**
 * How much too small the standard deviation of `n` normal values is on the mean, as a factor: the control charts' c4, expanded to
 * 1 - 1/(4n) - 7/(32 n^2) - 19/(128 n^3).
 *
 * @param n at least 2
 * @example
 * smallness(3).toFixed(2); // => '0.89'
 */
export const smallness = (n: number): number =>
  1 - 1 / (4 * n) - 7 / (32 * n ** 2) - 19 / (128 * n ** 3);

/** Factors on 1.4826 times the median absolute deviation of 2 to 9 values: C. Croux and P. J. Rousseeuw (1992). */
const DEVIATION = [1.196, 1.495, 1.363, 1.206, 1.2, 1.14, 1.129, 1.107];

/**
 * What the median absolute deviation of `n` normal values is multiplied by to be their standard deviation on the mean.
 *
 * @param n at least 2
 * @example
 * deviationFactor(5).toFixed(2); // => '1.79'
 */
export const deviationFactor = (n: number): number => 1.4826 * (DEVIATION[n - 2] ?? n / (n - 0.8));

/** Quantile of chi squared: E. B. Wilson and M. M. Hilferty (1931). */
const chiSquared = (z: number, freedom: number): number =>
  freedom * (1 - 2 / (9 * freedom) + z * Math.sqrt(2 / (9 * freedom))) ** 3;

/**
 * What the standard deviation of a sample of `n` normal values is multiplied by for the ends of the interval that holds the true one
 * in 95 of 100: chi squared.
 *
 * @param n at least 3
 * @throws RangeError below
 * @example
 * spreadInterval(20).map((factor) => factor.toFixed(2)); // => ['0.76', '1.46']
 */
export function spreadInterval(n: number): [low: number, high: number] {
  if (!(n >= 3)) throw new RangeError(`spreadInterval: ${n} values`);
  const freedom = n - 1;
  return [
    Math.sqrt(freedom / chiSquared(1.959964, freedom)),
    Math.sqrt(freedom / chiSquared(-1.959964, freedom)),
  ];
}
