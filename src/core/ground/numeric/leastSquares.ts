import { cholesky } from './multinormal';

/** A straight relation: a constant, and a factor on each number of a row. */
export type Line = readonly number[];

/** What a line makes of a row. */
export const onLine = (line: Line, row: readonly number[]): number => {
  let sum = line[0]!;
  for (let i = 0; i < row.length; i++) sum += line[i + 1]! * row[i]!;
  return sum;
};

/**
 * Lines of weighted least squares from rows to several targets at once, with the factors (not the constant) held in by a ridge (A. E.
 * Hoerl and R. W. Kennard, Technometrics 12, 1970): the normal equations, by Cholesky.
 *
 * @param rows of equal length, best on one scale
 * @param targets for each row as many numbers as lines are wanted
 * @param weights of the rows, not negative, one above 0 at least
 * @param ridge added to the squares, times the sum of weights; above 0
 * @example
 * leastSquares([[0], [1], [2]], [[1], [3], [5]], [1, 1, 1], 1e-9)[0].map(Math.round); // => [1, 2]
 */
export function leastSquares(
  rows: readonly (readonly number[])[],
  targets: readonly (readonly number[])[],
  weights: ArrayLike<number>,
  ridge: number,
): Line[] {
  const size = (rows[0]?.length ?? 0) + 1;
  const wanted = targets[0]?.length ?? 0;
  const squares = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  const sums = Array.from({ length: wanted }, () => new Array<number>(size).fill(0));
  let mass = 0;
  rows.forEach((row, k) => {
    const weight = weights[k]!;
    if (weight === 0) return;
    mass += weight;
    const at = (i: number): number => (i === 0 ? 1 : row[i - 1]!);
    for (let i = 0; i < size; i++) {
      const own = weight * at(i);
      for (let j = 0; j <= i; j++) squares[i]![j]! += own * at(j);
      for (let t = 0; t < wanted; t++) sums[t]![i]! += own * targets[k]![t]!;
    }
  });
  for (let i = 0; i < size; i++) {
    squares[i]![i]! += mass * (i === 0 ? 1e-12 : ridge);
    for (let j = 0; j < i; j++) squares[j]![i] = squares[i]![j]!;
  }
  const lower = cholesky(squares);
  return sums.map((sum) => solved(lower, sum));
}

/** x with L L' x = b. */
function solved(lower: readonly (readonly number[])[], b: readonly number[]): number[] {
  const x = [...b];
  for (let i = 0; i < x.length; i++) {
    for (let j = 0; j < i; j++) x[i]! -= lower[i]![j]! * x[j]!;
    x[i]! /= lower[i]![i]!;
  }
  for (let i = x.length - 1; i >= 0; i--) {
    for (let j = i + 1; j < x.length; j++) x[i]! -= lower[j]![i]! * x[j]!;
    x[i]! /= lower[i]![i]!;
  }
  return x;
}
