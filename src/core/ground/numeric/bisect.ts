/**
 * Root of a rising function by bisection.
 *
 * @param f rising on [low, high]
 * @param low where f is thought negative
 * @param high where f is thought positive
 * @param steps halvings; the answer is within (high - low) / 2^steps of the root
 * @returns the root, or the nearer end when f does not change sign in the interval
 */
export function bisectRising(
  f: (x: number) => number,
  low: number,
  high: number,
  steps: number,
): number {
  let a = low;
  let b = high;
  for (let i = 0; i < steps; i++) {
    const middle = (a + b) / 2;
    if (f(middle) < 0) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}
