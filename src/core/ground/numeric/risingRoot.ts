/** A search for a root under way: where to look next, and what was seen there. */
export interface RootSearch {
  /** Where to look next; null once it is close enough, or was looked at often enough. */
  next: number | null;
  /** Told the value at {@link next}. */
  seen: (value: number) => void;
  /** The place with the smallest value seen. */
  best: number;
}

/** Places that are looked at, at the most. */
const MOST = 12;

/**
 * Root of a rising, smooth function on an interval by weighted false position: a few evaluations where bisection takes a
 * dozen. From the second step on the value at the end that stays is halved at every step, so that neither end stays for long.
 * The Illinois method of M. Dowell and P. Jarratt (BIT 11, 1971) halves it only where the same end stays twice; here the
 * guess is good and the curve nearly straight.
 *
 * @param low with its value fLow <= 0
 * @param high with its value fHigh >= 0
 * @param guess where to look first, inside the interval
 * @param tolerance on the value
 * @returns the search; `best` is the place with the smallest value seen, after twelve looks at the most
 * @example
 * const search = risingRoot(0, -8, 3, 19, 1.9, 0.01);
 * while (search.next !== null) search.seen(search.next ** 3 - 8);
 * search.best.toFixed(2); // => '2.00'
 */
export function risingRoot(
  low: number,
  fLow: number,
  high: number,
  fHigh: number,
  guess: number,
  tolerance: number,
): RootSearch {
  let a = low;
  let fa = fLow;
  let b = high;
  let fb = fHigh;
  let least = Math.min(Math.abs(fa), Math.abs(fb));
  let looks = 0;
  const inside = (x: number): number => (x > a && x < b ? x : (a + b) / 2);
  const search: RootSearch = {
    best: Math.abs(fa) < Math.abs(fb) ? a : b,
    next: least > tolerance ? inside(guess) : null,
    seen: (value) => {
      const x = search.next!;
      if (Math.abs(value) < least) {
        least = Math.abs(value);
        search.best = x;
      }
      if (value < 0) {
        a = x;
        fa = value;
        if (looks > 0) fb /= 2;
      } else {
        b = x;
        fb = value;
        if (looks > 0) fa /= 2;
      }
      looks += 1;
      search.next =
        least > tolerance && looks < MOST ? inside(a + ((b - a) * -fa) / (fb - fa)) : null;
    },
  };
  return search;
}
