/**
 * Value rounded to `digits` decimals, never -0: `rounded(1.249, 2)` is 1.25.
 *
 * @example
 * rounded(1.249, 2); // => 1.25
 */
export function rounded(value: number, digits: number): number {
  const scale = 10 ** digits;
  return Math.round(value * scale) / scale + 0;
}
