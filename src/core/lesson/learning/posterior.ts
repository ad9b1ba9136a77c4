import { leastSquares, onLine } from '@/core/ground/numeric/leastSquares';
import { quantile } from '@/core/ground/numeric/order';

/** What is believed: players who might have hit these balls, each with a weight. */
export interface Posterior {
  /** Numbers of each player. */
  draws: number[][];
  weights: Float64Array;
}

/** Least squares are held in by so much of a standard deviation of each number. */
const RIDGE = 0.003;

/** The share of the players that are kept: those nearest to what was seen. */
const NEAREST = 0.5;

/** No summary counts for more than this many deviations out: nobody was simulated there. */
const FARTHEST = 5;

/** Furthest that the spread of what is left over is taken to differ from player to player, as a logarithm. */
const UNEVEN = 1;

/** What is left over is widened by so much: the lines are straight, and what they stand for is not quite. Tuned to simulated players. */
const WIDENED = 1.07;

function standardised(rows: readonly (readonly number[])[]) {
  const n = rows.length;
  return rows[0]!.map((_, j) => {
    let mean = 0;
    let square = 0;
    for (const row of rows) mean += row[j]! / n;
    for (const row of rows) square += (row[j]! - mean) ** 2 / n;
    const deviation = Math.sqrt(square) || 1;
    return (value: number): number =>
      Math.max(-FARTHEST, Math.min(FARTHEST, (value - mean) / deviation));
  });
}

/**
 * What a summary says of the numbers behind it, from players whose numbers and summaries are known: the nearest of them, by what a straight
 * line makes of each summary, moved along a line to the summary that was seen, with what is left over widened or narrowed to suit
 * (approximate Bayesian computation: M. Beaumont and others, Genetics 162, 2002; summaries chosen by regression after P. Fearnhead and
 * D. Prangle, J. R. Statist. Soc. B 74, 2012; uneven spread after M. Blum and O. François, Statistics and Computing 20, 2010).
 *
 * @param numbers of each player
 * @param summaries of each player, in the order of `seen`
 */
export function posteriorOf(
  numbers: readonly (readonly number[])[],
  summaries: readonly (readonly number[])[],
  seen: readonly number[],
): Posterior {
  const n = numbers.length;
  if (seen.length === 0)
    return { draws: numbers.map((each) => [...each]), weights: new Float64Array(n).fill(1) };
  const scales = standardised(summaries);
  const rowOf = (summary: readonly number[]): number[] =>
    summary.map((value, j) => scales[j]!(value));
  const rows = summaries.map(rowOf);
  const here = rowOf(seen);
  const even = new Float64Array(n).fill(1);
  const lines = leastSquares(rows, numbers, even, RIDGE);
  const guesses = rows.map((row) => lines.map((line) => onLine(line, row)));
  const guess = lines.map((line) => onLine(line, here));
  const guessScales = standardised(guesses);
  const middle = guess.map((value, p) => guessScales[p]!(value));
  const away = guesses.map((each) =>
    each.reduce((sum, value, p) => sum + (guessScales[p]!(value) - middle[p]!) ** 2, 0),
  );
  const widest = quantile(away, NEAREST) || 1;
  const weights = Float64Array.from(away, (square) => Math.max(0, 1 - square / widest));

  const own = leastSquares(rows, numbers, weights, RIDGE);
  const left = rows.map((row, k) => own.map((line, p) => numbers[k]![p]! - onLine(line, row)));
  const sizes = leastSquares(
    rows,
    left.map((each) => each.map((value) => Math.log(value * value + 1e-12))),
    weights,
    RIDGE * 10,
  );
  let mass = 0;
  let squares = 0;
  for (const weight of weights) {
    mass += weight;
    squares += weight * weight;
  }
  const freedom = (mass * mass) / squares;
  // As many players as there are lines are fitted through, and leave nothing over.
  const fitted = WIDENED * Math.sqrt(freedom / Math.max(freedom / 4, freedom - here.length - 1));
  const draws = rows.map((row, k) =>
    own.map((line, p) => {
      const uneven = (onLine(sizes[p]!, here) - onLine(sizes[p]!, row)) / 2;
      const by = Math.exp(Math.max(-UNEVEN, Math.min(UNEVEN, uneven)));
      return onLine(line, here) + left[k]![p]! * by * fitted;
    }),
  );
  return { draws, weights };
}
