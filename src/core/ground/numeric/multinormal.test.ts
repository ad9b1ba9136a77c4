import { cholesky, conditionals, multinormalOf } from './multinormal';
import { samplerOf } from './sampling';

const A = [
  [4, 2, -1],
  [2, 5, 0.5],
  [-1, 0.5, 3],
];

test('the lower triangle times its transpose gives the matrix back', () => {
  const lower = cholesky(A);
  A.forEach((row, i) =>
    row.forEach((value, j) => {
      const product = lower.reduce((sum, _, k) => sum + lower[i]![k]! * lower[j]![k]!, 0);
      expect(product).toBeCloseTo(value, 12);
    }),
  );
  expect(() =>
    cholesky([
      [1, 2],
      [2, 1],
    ]),
  ).toThrow(RangeError);
});

test('conditionals of independent numbers are plain standard scores', () => {
  const plain = {
    mean: [1, -2],
    covariance: [
      [4, 0],
      [0, 9],
    ],
  };
  expect(conditionals([5, 1], plain)).toEqual([
    { z: 2, sd: 2 },
    { z: 1, sd: 3 },
  ]);
});

test('a number that the one before it explains is no surprise', () => {
  const tied = {
    mean: [0, 0],
    covariance: [
      [1, 0.95],
      [0.95, 1],
    ],
  };
  const [, explained] = conditionals([2, 1.9], tied);
  expect(explained!.z).toBeCloseTo(0, 9);
  expect(explained!.sd).toBeCloseTo(Math.sqrt(1 - 0.95 ** 2), 9);
  const [, odd] = conditionals([2, -1.9], tied);
  expect(Math.abs(odd!.z)).toBeGreaterThan(10);
});

test('moments of a sample come near the true ones; shrinking takes the covariances only', () => {
  const { normal } = samplerOf(3);
  const rows = Array.from({ length: 4000 }, () => {
    const x = normal(2, 1);
    return [x, 3 * x + normal(0, 0.5)];
  });
  const { mean, covariance } = multinormalOf(rows, 0);
  expect(mean[0]).toBeCloseTo(2, 1);
  expect(covariance[0]![1]).toBeCloseTo(3, 0);
  const shrunk = multinormalOf(rows, 1).covariance;
  expect(shrunk[0]![1]).toBe(0);
  expect(shrunk[1]![1]).toBe(covariance[1]![1]);
  expect(() => multinormalOf([[1]], 0)).toThrow(RangeError);
});
