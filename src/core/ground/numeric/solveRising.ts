/**
 * Root of a rising, smooth function on an interval by weighted false position: a few evaluations where bisection takes a
 * dozen. From the second step on the value at the end that stays is halved at every step, so that neither end stays for long.
 * The Illinois method of M. Dowell and P. Jarratt (BIT 11, 1971) halves it only where the same end stays twice; here the
 * guess is good and the curve nearly straight.
 *
 * @param f rising on [low, high]
 * @param low with its value fLow <= 0
 * @param high with its value fHigh >= 0
 * @param guess where to look first, inside the interval
 * @param tolerance on the value of f
 * @returns the place with the smallest |f| seen, after twelve evaluations at the most
 * @example
 * solveRising((x) => x ** 3 - 8, 0, -8, 3, 19, 1.9, 0.01).toFixed(2); // => '2.00'
 */
export function solveRising(
  f: (x: number) => number,
  low: number,
  fLow: number,
  high: number,
  fHigh: number,
  guess: number,
  tolerance: number,
): number {
  let a = low;
  let fa = fLow;
  let b = high;
  let fb = fHigh;
  let best = Math.abs(fa) < Math.abs(fb) ? a : b;
  let least = Math.min(Math.abs(fa), Math.abs(fb));
  let x = guess;
  for (let i = 0; i < 12 && least > tolerance; i++) {
    if (!(x > a && x < b)) x = (a + b) / 2;
    const value = f(x);
    if (Math.abs(value) < least) {
      least = Math.abs(value);
      best = x;
    }
    if (value < 0) {
      a = x;
      fa = value;
      if (i > 0) fb /= 2;
    } else {
      b = x;
      fb = value;
      if (i > 0) fa /= 2;
    }
    x = a + ((b - a) * -fa) / (fb - fa);
  }
  return best;
}
