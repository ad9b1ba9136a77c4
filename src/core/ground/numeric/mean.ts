/**
 * The arithmetic mean; NaN of nothing.
 *
 * @example
 * meanOf([1, 2, 6]); // => 3
 */
export const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;
