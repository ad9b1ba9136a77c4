import { covarianceEllipse } from './ellipse';
import { inverseNormal } from './normal';
import { sobol } from './sobol';
import { seededUint32 } from './random';

/** A sample of a normal of standard deviations 3 and 1, turned by 30 degrees, about (10, -2). */
function sample(n: number): [number, number][] {
  const u = sobol(n, 2, seededUint32(5));
  const c = Math.cos(Math.PI / 6);
  const s = Math.sin(Math.PI / 6);
  return Array.from({ length: n }, (_, i) => {
    const a = 3 * inverseNormal(u[2 * i]!);
    const b = inverseNormal(u[2 * i + 1]!);
    return [10 + a * c - b * s, -2 + a * s + b * c];
  });
}

test('finds the axes and the turn of a known sample, and holds the share it says', () => {
  const points = sample(4096);
  const e = covarianceEllipse(points, 0.8);
  expect(e.x).toBeCloseTo(10, 1);
  expect(e.y).toBeCloseTo(-2, 1);
  expect(e.long / e.short).toBeCloseTo(3, 1);
  expect(e.turn).toBeCloseTo(Math.PI / 6, 1);
  const inside = points.filter(([x, y]) => {
    const dx = x - e.x;
    const dy = y - e.y;
    const a = (dx * Math.cos(e.turn) + dy * Math.sin(e.turn)) / e.long;
    const b = (dy * Math.cos(e.turn) - dx * Math.sin(e.turn)) / e.short;
    return a * a + b * b <= 1;
  });
  expect(inside.length / points.length).toBeCloseTo(0.8, 1);
});

test('points on a line give an ellipse without width', () => {
  const e = covarianceEllipse(
    [
      [0, 0],
      [1, 1],
      [2, 2],
    ],
    0.5,
  );
  expect(e.short).toBeCloseTo(0, 9);
  expect(e.turn).toBeCloseTo(Math.PI / 4, 9);
});

test('refuses too few points and shares outside 0 to 1', () => {
  expect(() => covarianceEllipse([[0, 0]], 0.5)).toThrow(/three points/);
  expect(() => covarianceEllipse(sample(8), 1)).toThrow(/between 0 and 1/);
});
