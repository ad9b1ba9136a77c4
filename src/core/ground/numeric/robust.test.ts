import { leastSquares, onLine } from './leastSquares';
import { drawnIn, robustly } from './robust';
import { samplerOf } from './sampling';

const { normal } = samplerOf(4);
const values = Array.from({ length: 4000 }, () => normal(3, 2));

test('middle and spread of normal values are theirs', () => {
  const { middle, spread } = robustly(values);
  expect(middle).toBeCloseTo(3, 0);
  expect(spread).toBeGreaterThan(1.85);
  expect(spread).toBeLessThan(2.05);
});

test('one wild value among twenty hardly moves them', () => {
  const some = values.slice(0, 20);
  const clean = robustly(some);
  const wild = robustly([...some, 500]);
  expect(Math.abs(wild.middle - clean.middle)).toBeLessThan(0.4);
  expect(wild.spread / clean.spread).toBeLessThan(1.4);
  expect(Math.max(...drawnIn([...some, 500]))).toBeLessThan(12);
});

test('equal values have no spread, and nothing is not a number', () => {
  expect(robustly([2, 2, 2])).toEqual({ middle: 2, spread: 0 });
  expect(robustly([5])).toEqual({ middle: 5, spread: 0 });
  expect(() => robustly([])).toThrow(RangeError);
});

test('least squares find a plane again, whatever weighs nothing', () => {
  const rows = Array.from({ length: 50 }, () => [normal(0, 1), normal(0, 1)]);
  const targets = rows.map(([a, b]) => [1 + 2 * a! - b!, 4 * b!]);
  const weights = rows.map((_, i) => i % 2);
  targets[0] = [900, 900];
  const [plane, other] = leastSquares(rows, targets, weights, 1e-9);
  [1, 2, -1].forEach((value, i) => expect(plane![i]).toBeCloseTo(value, 5));
  expect(onLine(other!, [7, 2])).toBeCloseTo(8, 5);
});
