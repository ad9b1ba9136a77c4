import { sectionScale } from './sectionScale';

const size = { width: 1280, height: 262 };

test('the drawing is to scale: a metre is as long up as along', () => {
  const { x, z, perMetre } = sectionScale(size, 22, 4.5, 0.9);
  expect(x(1) - x(0)).toBeCloseTo(perMetre, 9);
  expect(z(0) - z(1)).toBeCloseTo(perMetre, 9);
});

test('everything asked for fits: ball, farthest place, highest flight', () => {
  for (const [far, high] of [
    [12, 8],
    [30, 4],
    [150, 20],
  ] as const) {
    const { x, z } = sectionScale(size, far, high, 1);
    expect(x(0)).toBeGreaterThan(0);
    expect(x(far)).toBeLessThan(size.width);
    expect(z(high)).toBeGreaterThan(0);
    expect(z(0)).toBeLessThan(size.height);
  }
});

test('a high lip with a low flight still has room', () => {
  const { z } = sectionScale(size, 20, 0.5, 4);
  expect(z(4)).toBeGreaterThan(0);
});
