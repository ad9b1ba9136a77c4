/**
 * Root of a rising function by bisection.
 *
 * @param f rising on [low, high]
 * @param low where f is not positive
 * @param high where f is not negative
 * @param steps halvings; the answer is within (high - low) / 2^steps of the root
 * @throws RangeError when f does not change sign in the interval: the root is not there
 * @example
 * bisectRising((x) => x * x - 2, 0, 2, 40).toFixed(6); // => '1.414214'
 */
export function bisectRising(
  f: (x: number) => number,
  low: number,
  high: number,
  steps: number,
): number {
  if (f(low) > 0 || f(high) < 0) {
    throw new RangeError(`bisectRising: no root between ${low} and ${high}`);
  }
  let a = low;
  let b = high;
  for (let i = 0; i < steps; i++) {
    const middle = (a + b) / 2;
    if (f(middle) < 0) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}
