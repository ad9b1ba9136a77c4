import { sectionScale, WHOLE_VIEW } from './scale';

const size = { width: 1280, height: 262 };
const usual = { farthest: 22, highest: 4.5, lipHeight: 0.9 };

test('the drawing is to scale: a metre is as long up as along', () => {
  const { x, z, perMetre } = sectionScale(size, usual);
  expect(x(1) - x(0)).toBeCloseTo(perMetre, 9);
  expect(z(0) - z(1)).toBeCloseTo(perMetre, 9);
});

test('everything asked for fits: ball, farthest place, highest flight', () => {
  for (const [farthest, highest] of [
    [12, 8],
    [30, 4],
    [150, 20],
  ] as const) {
    const { x, z } = sectionScale(size, { farthest, highest, lipHeight: 1 });
    expect(x(0)).toBeGreaterThan(0);
    expect(x(farthest)).toBeLessThan(size.width);
    expect(z(highest)).toBeGreaterThan(0);
    expect(z(0)).toBeLessThan(size.height);
  }
});

test('a high lip with a low flight still has room', () => {
  const { z } = sectionScale(size, { farthest: 20, highest: 0.5, lipHeight: 4 });
  expect(z(4)).toBeGreaterThan(0);
});

test('for a left-hander the same drawing is seen in a mirror', () => {
  const plain = sectionScale(size, usual);
  const mirrored = sectionScale(size, usual, WHOLE_VIEW, true);
  for (const metres of [-1, 0, 7, 20]) {
    expect(mirrored.x(metres)).toBeCloseTo(size.width - plain.x(metres), 9);
    expect(mirrored.z(metres)).toBeCloseTo(plain.z(metres), 9);
  }
});

test('zoom enlarges both ways, stretch upwards only, and moving moves', () => {
  const plain = sectionScale(size, usual);
  const view = { zoom: 2, along: 30, up: -10, stretch: 3 };
  const { x, z } = sectionScale(size, usual, view);
  expect(x(1) - x(0)).toBeCloseTo(2 * plain.perMetre, 9);
  expect(z(0) - z(1)).toBeCloseTo(6 * plain.perMetre, 9);
  expect(z(0)).toBeCloseTo(plain.z(0) - 10, 9);
  const still = sectionScale(size, usual, { ...view, along: 0 });
  expect(x(3) - still.x(3)).toBeCloseTo(30, 9);
});
