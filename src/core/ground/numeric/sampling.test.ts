import { samplerOf } from './sampling';

const moments = (draw: () => number, n = 20000): { mean: number; variance: number } => {
  const values = Array.from({ length: n }, draw);
  const mean = values.reduce((sum, v) => sum + v, 0) / n;
  return { mean, variance: values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (n - 1) };
};

test('same seed, same draws', () => {
  const draws = (seed: number): number[] => {
    const { normal, student } = samplerOf(seed);
    return [normal(0, 1), student(7), normal(5, 2)];
  };
  expect(draws(4)).toEqual(draws(4));
  expect(draws(4)).not.toEqual(draws(5));
});

test('normal deviates have the moments that they should', () => {
  const { normal } = samplerOf(1);
  const { mean, variance } = moments(() => normal(3, 2));
  expect(mean).toBeCloseTo(3, 1);
  expect(variance).toBeCloseTo(4, 0);
});

test('Student’s t has its standard deviation and its tails', () => {
  const { student } = samplerOf(2);
  for (const [freedom, beyond] of [
    // Shares of a t beyond three of its own standard deviations: its density integrated.
    [5, 0.0117],
    [12, 0.0065],
    [50, 0.0035],
  ] as const) {
    let far = 0;
    const { mean, variance } = moments(() => {
      const value = student(freedom);
      if (Math.abs(value) > 3) far++;
      return value;
    }, 200_000);
    expect(Math.abs(mean)).toBeLessThan(0.01);
    expect(Math.abs(variance - 1)).toBeLessThan(0.05);
    expect(Math.abs(far / 200_000 / beyond - 1)).toBeLessThan(0.12);
  }
});
