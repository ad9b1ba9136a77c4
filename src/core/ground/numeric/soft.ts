/**
 * Smooth stand-ins for max, min and step. The physics uses them wherever reality has no corner, so that
 * solvers see a smooth function and a small change of a reading never makes a jump in the answer.
 */

/**
 * Soft max(0, x): (x + sqrt(x^2 + w^2)) / 2. `width` w > 0 in the unit of x; at x = 0 it is w / 2.
 *
 * @example
 * softPositive(3, 0.001).toFixed(3); // => '3.000'
 * softPositive(0, 0.5); // => 0.25
 */
export function softPositive(x: number, width: number): number {
  return (x + Math.sqrt(x * x + width * width)) / 2;
}

/**
 * Soft min(a, b): (a + b - sqrt((a - b)^2 + w^2)) / 2. Always at or below the true minimum.
 *
 * @example
 * softMin(1, 5, 0.001).toFixed(3); // => '1.000'
 */
export function softMin(a: number, b: number, width: number): number {
  const gap = a - b;
  return (a + b - Math.sqrt(gap * gap + width * width)) / 2;
}

/**
 * `value` kept within [low, high].
 *
 * @example
 * clamp(7, 0, 5); // => 5
 */
export function clamp(value: number, low: number, high: number): number {
  return value < low ? low : value > high ? high : value;
}

/**
 * Cubic step from 0 at x <= 0 to 1 at x >= 1 with level ends: 3 x^2 - 2 x^3.
 *
 * @example
 * smoothstep(0.5); // => 0.5
 * smoothstep(-1); // => 0
 */
export function smoothstep(x: number): number {
  const t = clamp(x, 0, 1);
  return t * t * (3 - 2 * t);
}

/**
 * Logistic 1 / (1 + exp(-x)).
 *
 * @example
 * logistic(0); // => 0.5
 */
export function logistic(x: number): number {
  return 1 / (1 + Math.exp(-x));
}
