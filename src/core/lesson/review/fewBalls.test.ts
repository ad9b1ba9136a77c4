import { shareMoved, shareOf } from './stats';
import { predictionEllipse } from '@/core/ground/numeric/ellipse';
import { deviationFactor, smallness } from '@/core/ground/numeric/fewBalls';
import { student } from '@/core/ground/numeric/student';
import { median, nextWithin } from '@/core/ground/numeric/order';
import { samplerOf } from '@/core/ground/numeric/sampling';

/* Each claim is tried on samples of normal values that it was not made from. */

const { normal, uniform } = samplerOf(99);
const ROUNDS = 4000;

const sample = (n: number): number[] => Array.from({ length: n }, () => normal(0, 1));
const mean = (values: readonly number[]): number =>
  values.reduce((a, b) => a + b, 0) / values.length;
const sd = (values: readonly number[]): number =>
  Math.sqrt(values.reduce((sum, v) => sum + (v - mean(values)) ** 2, 0) / (values.length - 1));

/** Share of the rounds in which something holds. */
function held(test: () => boolean): number {
  let count = 0;
  for (let i = 0; i < ROUNDS; i++) count += Number(test());
  return count / ROUNDS;
}

test.each([3, 5, 12, 20])('the mean of %p values lies within give or take in 95 of 100', (n) => {
  const within = held(() => {
    const values = sample(n);
    return Math.abs(mean(values)) <= (student(n - 1, 0.05) * sd(values)) / Math.sqrt(n);
  });
  expect(within).toBeGreaterThan(0.935);
  expect(within).toBeLessThan(0.965);
});

test.each([3, 4, 6, 10, 30])(
  'spreads of %p values are neither too small nor too large on the mean',
  (n) => {
    const spreads = Array.from({ length: ROUNDS }, () => sd(sample(n)) / smallness(n));
    expect(mean(spreads)).toBeGreaterThan(0.97);
    expect(mean(spreads)).toBeLessThan(1.03);
    const robust = Array.from({ length: ROUNDS }, () => {
      const values = sample(n);
      const middle = median(values);
      return deviationFactor(n) * median(values.map((v) => Math.abs(v - middle)));
    });
    expect(mean(robust)).toBeGreaterThan(0.95);
    expect(mean(robust)).toBeLessThan(1.05);
  },
);

test.each([5, 8, 12, 20])('the ellipse of %p balls holds a further one in 8 of 10', (n) => {
  const point = (): [number, number] => {
    const a = normal(0, 1);
    return [3 * a, a + 0.6 * normal(0, 1)];
  };
  const within = held(() => {
    const { x, y, long, short, turn } = predictionEllipse(Array.from({ length: n }, point), 0.8);
    const [px, py] = point();
    const along = (px - x) * Math.cos(turn) + (py - y) * Math.sin(turn);
    const across = (py - y) * Math.cos(turn) - (px - x) * Math.sin(turn);
    return (along / long) ** 2 + (across / short) ** 2 <= 1;
  });
  expect(within).toBeGreaterThan(0.775);
  expect(within).toBeLessThan(0.825);
});

test.each([4, 5, 8, 12, 30])(
  'of further balls 8 in 10 stop within what %p balls say, whatever their distribution',
  (n) => {
    const far = (): number => Math.hypot(normal(1, 1), normal(0, 2)) ** 1.5;
    const within = held(() => far() <= nextWithin(Array.from({ length: n }, far), 0.8)!);
    expect(within).toBeGreaterThan(0.775);
    expect(within).toBeLessThan(0.825);
    expect(nextWithin([1, 2, 3], 0.8)).toBeNull();
  },
);

test('a difference of shares is held in about 95 of 100, and found more often than by intervals that lie apart', () => {
  const hits = (of: number, share: number): number =>
    Array.from({ length: of }, () => Number(uniform() < share)).reduce((a, b) => a + b, 0);
  const [before, after] = [0.5, 0.8];
  let within = 0;
  let found = 0;
  let apart = 0;
  for (let i = 0; i < ROUNDS; i++) {
    const first = shareOf(hits(20, before), 20);
    const second = shareOf(hits(20, after), 20);
    const { low, high } = shareMoved(first, second);
    within += Number(low <= after - before && after - before <= high);
    found += Number(low > 0);
    apart += Number(second.low > first.high);
  }
  expect(within / ROUNDS).toBeGreaterThan(0.93);
  expect(within / ROUNDS).toBeLessThan(0.98);
  expect(found).toBeGreaterThan(2 * apart);
});

test('too few to say anything are refused', () => {
  expect(() => student(0, 0.05)).toThrow(/degrees of freedom/);
  expect(() =>
    predictionEllipse(
      [
        [0, 0],
        [1, 1],
      ],
      0.8,
    ),
  ).toThrow(/three points/);
  expect(() =>
    predictionEllipse(
      [
        [0, 0],
        [1, 1],
        [2, 0],
      ],
      1,
    ),
  ).toThrow(/share/);
});
