import { samplerOf } from './sampling';

const moments = (draw: () => number, n = 20000): { mean: number; variance: number } => {
  const values = Array.from({ length: n }, draw);
  const mean = values.reduce((sum, v) => sum + v, 0) / n;
  return { mean, variance: values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (n - 1) };
};

test('same seed, same draws', () => {
  const draws = (seed: number): number[] => {
    const { normal, gamma } = samplerOf(seed);
    return [normal(0, 1), gamma(2, 3), normal(5, 2)];
  };
  expect(draws(4)).toEqual(draws(4));
  expect(draws(4)).not.toEqual(draws(5));
});

test('normal and gamma have the moments that they should', () => {
  const { normal, gamma } = samplerOf(1);
  const n = moments(() => normal(3, 2));
  expect(n.mean).toBeCloseTo(3, 1);
  expect(n.variance).toBeCloseTo(4, 0);
  for (const [shape, rate] of [
    [0.5, 1],
    [4, 2],
    [20, 5],
  ] as const) {
    const g = moments(() => gamma(shape, rate));
    expect(Math.abs(g.mean / (shape / rate) - 1)).toBeLessThan(0.05);
    expect(Math.abs(g.variance / (shape / rate ** 2) - 1)).toBeLessThan(0.12);
  }
});
