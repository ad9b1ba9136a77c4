/** Coefficients of the central and tail rational fits in P. J. Acklam's algorithm (relative error 1.15e-9). */
const A = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
  2.506628277459239,
];
const B = [
  -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
];
const C = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734,
  4.374664141464968, 2.938163982698783,
];
const D = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];

const TAIL = 0.02425;

function horner(coefficients: readonly number[], x: number): number {
  let sum = 0;
  for (const c of coefficients) sum = sum * x + c;
  return sum;
}

/**
 * Inverse of the standard normal distribution function.
 *
 * @param p probability, between 0 and 1
 * @returns z with P(Z <= z) = p
 * @throws RangeError outside: certainty has no deviate
 * @example
 * inverseNormal(0.975).toFixed(4); // => '1.9600'
 * @see P. J. Acklam, "An algorithm for computing the inverse normal cumulative distribution function" (2003)
 */
export function inverseNormal(p: number): number {
  if (!(p > 0 && p < 1)) throw new RangeError(`inverseNormal: ${p} is not between 0 and 1`);
  if (p > 1 - TAIL) return -inverseNormal(1 - p);
  if (p < TAIL) {
    const r = Math.sqrt(-2 * Math.log(p));
    return horner(C, r) / (horner(D, r) * r + 1);
  }
  const r = p - 0.5;
  const s = r * r;
  return (horner(A, s) * r) / (horner(B, s) * s + 1);
}

/**
 * Standard normal distribution function, to 1e-7: M. Abramowitz and I. A. Stegun, Handbook of Mathematical Functions
 * (1964), 26.2.17.
 *
 * @example
 * normalCdf(1.96).toFixed(3); // => '0.975'
 */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const upper = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * tail;
  return z >= 0 ? 1 - upper : upper;
}
