/** Mean and covariance of several numbers seen together. */
export interface Multinormal {
  mean: number[];
  covariance: number[][];
}

/**
 * Mean and sample covariance of rows of equal length, the covariances between different numbers shrunk towards nought (after
 * O. Ledoit and M. Wolf, Journal of Multivariate Analysis 88, 2004, with a share that is given): few rows tell them badly.
 *
 * @param rows at least two
 * @param shrink 0 keeps them, 1 takes the numbers as independent
 * @throws RangeError with fewer rows
 * @example
 * multinormalOf([[0, 0], [2, 2]], 0.5).covariance; // => [[2, 1], [1, 2]]
 */
export function multinormalOf(rows: readonly (readonly number[])[], shrink: number): Multinormal {
  const n = rows.length;
  if (n < 2) throw new RangeError('multinormalOf: needs at least two rows');
  const columns = rows[0]!.map((_, i) => i);
  const mean = columns.map((i) => rows.reduce((sum, row) => sum + row[i]!, 0) / n);
  const covariance = columns.map((i) =>
    columns.map((j) => {
      const sum = rows.reduce((s, row) => s + (row[i]! - mean[i]!) * (row[j]! - mean[j]!), 0);
      return (sum / (n - 1)) * (i === j ? 1 : 1 - shrink);
    }),
  );
  return { mean, covariance };
}

/**
 * Lower triangle L with L L' = A, by Cholesky. Throws RangeError when A is not positive definite.
 *
 * @example
 * cholesky([[4, 2], [2, 2]]); // => [[2, 0], [1, 1]]
 */
export function cholesky(a: readonly (readonly number[])[]): number[][] {
  const lower = a.map((row) => row.map(() => 0));
  for (let i = 0; i < a.length; i++) {
    for (let j = 0; j <= i; j++) {
      let rest = a[i]![j]!;
      for (let k = 0; k < j; k++) rest -= lower[i]![k]! * lower[j]![k]!;
      if (i !== j) lower[i]![j] = rest / lower[j]![j]!;
      else if (rest > 0) lower[i]![i] = Math.sqrt(rest);
      else throw new RangeError('cholesky: the matrix is not positive definite');
    }
  }
  return lower;
}

/**
 * Each number's distance from where the numbers before it put it, in standard deviations, and that standard deviation: the
 * chain rule of a normal density, by forward substitution.
 *
 * @example
 * conditionals([3, 0], { mean: [1, 0], covariance: [[4, 0], [0, 1]] }); // => [{ z: 1, sd: 2 }, { z: 0, sd: 1 }]
 */
export function conditionals(
  values: readonly number[],
  { mean, covariance }: Multinormal,
): { z: number; sd: number }[] {
  const lower = cholesky(covariance);
  const found: { z: number; sd: number }[] = [];
  values.forEach((value, i) => {
    let rest = value - mean[i]!;
    found.forEach(({ z }, j) => (rest -= lower[i]![j]! * z));
    const sd = lower[i]![i]!;
    found.push({ z: rest / sd, sd });
  });
  return found;
}
