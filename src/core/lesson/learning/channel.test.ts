import { samplerOf } from '@/core/ground/numeric/sampling';
import { learnChannel, type Prior, type Residual } from './channel';

const prior: Prior = { bias: 1, spread: 1, worth: 6, group: 0.3 };
const sampler = () => samplerOf(11);

const normal = (n: number, mean: number, sd: number, seed = 2, groups = 1): Residual[] => {
  const draw = samplerOf(seed);
  return Array.from({ length: n }, (_, i) => ({ value: draw.normal(mean, sd), group: i % groups }));
};

test('no ball leaves the prior', () => {
  const { bias, spread } = learnChannel([], 1, prior, sampler());
  expect(Math.abs(bias.mean)).toBeLessThan(0.1);
  expect(bias.high).toBeGreaterThan(1.3);
  expect(spread.low).toBeLessThan(1);
  expect(spread.high).toBeGreaterThan(1);
});

test('many balls leave the data, and the interval closes in', () => {
  const few = learnChannel(normal(10, 0.6, 0.5), 1, { ...prior, group: 0 }, sampler());
  const many = learnChannel(normal(400, 0.6, 0.5), 1, { ...prior, group: 0 }, sampler());
  expect(many.bias.mean).toBeCloseTo(0.6, 1);
  expect(many.spread.mean).toBeCloseTo(0.5, 1);
  expect(many.bias.high - many.bias.low).toBeLessThan((few.bias.high - few.bias.low) / 3);
});

test('a spread learnt from normal residuals is their standard deviation', () => {
  const { spread } = learnChannel(normal(4000, 0, 1, 7), 1, { ...prior, group: 0 }, sampler());
  expect(spread.mean).toBeGreaterThan(0.96);
  expect(spread.mean).toBeLessThan(1.04);
});

test('one wild ball among twenty hardly moves the bias', () => {
  const clean = normal(20, 0, 0.5);
  const wild = [...clean, { value: 12, group: 0 }];
  const mean = (residuals: Residual[]): number =>
    learnChannel(residuals, 1, { ...prior, group: 0 }, sampler()).bias.mean;
  expect(Math.abs(mean(wild) - mean(clean))).toBeLessThan(0.1);
});

test('a club with few balls leans on the others', () => {
  const residuals: Residual[] = [
    ...normal(30, 0.5, 0.2, 3),
    ...normal(2, 1.3, 0.2, 4).map(({ value }) => ({ value, group: 1 })),
  ];
  const { bias, groups } = learnChannel(residuals, 2, { ...prior, spread: 0.2 }, sampler());
  const second = bias.mean + groups[1]!.mean;
  expect(second).toBeGreaterThan(0.6);
  expect(second).toBeLessThan(1.3);
  expect(groups[1]!.high - groups[1]!.low).toBeGreaterThan(groups[0]!.high - groups[0]!.low - 0.05);
});
