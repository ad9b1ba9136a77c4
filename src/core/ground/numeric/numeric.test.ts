import fc from 'fast-check';
import { bisectRising } from './bisect';
import { densityQuantile, kernelDensity } from './density';
import { inverseNormal, normalCdf } from './normal';
import { meanOfWorst, median } from './order';
import { seededUint32 } from './random';
import { sobol, SOBOL_DIMENSIONS } from './sobol';
import { softMin, softPositive, smoothstep } from './soft';

describe('soft stand-ins', () => {
  test('softPositive lies above max(0, x) by at most half the width', () => {
    fc.assert(
      fc.property(fc.double({ min: -5, max: 5, noNaN: true }), (x) => {
        const excess = softPositive(x, 0.2) - Math.max(0, x);
        return excess >= 0 && excess <= 0.1 + 1e-12;
      }),
    );
  });
  test('softMin lies below both', () => {
    expect(softMin(1, 4, 0.1)).toBeLessThan(1);
    expect(softMin(1, 4, 0.1)).toBeCloseTo(1, 2);
  });
  test('smoothstep is level at its ends', () => {
    expect([smoothstep(-1), smoothstep(0), smoothstep(0.5), smoothstep(1), smoothstep(2)]).toEqual([
      0, 0, 0.5, 1, 1,
    ]);
  });
});

describe('order', () => {
  const lists = fc.array(fc.double({ min: -9, max: 9, noNaN: true }), {
    minLength: 1,
    maxLength: 60,
  });
  const sorted = (values: readonly number[]): number[] => [...values].sort((a, b) => a - b);
  test('the median is what sorting says', () => {
    fc.assert(
      fc.property(lists, (values) => {
        const all = sorted(values);
        const [low, high] = [all[(all.length - 1) >> 1]!, all[all.length >> 1]!];
        expect(median(values)).toBeCloseTo((low + high) / 2, 12);
      }),
    );
  });
  test('the worst are those at the end of what is sorted', () => {
    fc.assert(
      fc.property(lists, fc.double({ min: 0, max: 1, noNaN: true }), (values, share) => {
        const worst = sorted(values).slice(-Math.max(1, Math.round(values.length * share)));
        const mean = worst.reduce((sum, value) => sum + value, 0) / worst.length;
        expect(meanOfWorst(values, share)).toBeCloseTo(mean, 9);
      }),
    );
  });
});

describe('inverseNormal', () => {
  test.each([
    [0.5, 0],
    [0.975, 1.959964],
    [0.001, -3.090232],
    [0.8413447461, 1],
  ])('of %p is %p (tables of the normal distribution)', (p, z) => {
    expect(inverseNormal(p)).toBeCloseTo(z, 5);
  });
  test('is odd about one half', () => {
    for (const p of [0.01, 0.2, 0.4])
      expect(inverseNormal(p)).toBeCloseTo(-inverseNormal(1 - p), 9);
  });
});

describe('sobol', () => {
  test('each power-of-two prefix has one point in each equal slice of every dimension', () => {
    const n = 64;
    const points = sobol(n, SOBOL_DIMENSIONS, seededUint32(3));
    for (let j = 0; j < SOBOL_DIMENSIONS; j++) {
      const slices = new Set<number>();
      for (let i = 0; i < n; i++) slices.add(Math.floor(points[i * SOBOL_DIMENSIONS + j]! * n));
      expect(slices.size).toBe(n);
    }
  });
  test('first two dimensions without a shift are the published ones', () => {
    const points = sobol(4, 2, () => 0);
    const rounded = [...points].map((x) => Math.round(x * 1000) / 1000);
    expect(rounded).toEqual([0, 0, 0.5, 0.5, 0.75, 0.25, 0.25, 0.75]);
  });
  test('same seed, same points; too many dimensions are refused', () => {
    expect(sobol(16, 3, seededUint32(9))).toEqual(sobol(16, 3, seededUint32(9)));
    expect(() => sobol(4, SOBOL_DIMENSIONS + 1, seededUint32(1))).toThrow(RangeError);
  });
});

test('bisectRising finds a root, or says that there is none', () => {
  expect(bisectRising((x) => x * x - 2, 0, 2, 40)).toBeCloseTo(Math.SQRT2, 9);
  expect(bisectRising((x) => x, 0, 2, 40)).toBeCloseTo(0, 9);
  expect(() => bisectRising((x) => x + 5, 0, 2, 40)).toThrow(RangeError);
  expect(() => bisectRising((x) => x - 5, 0, 2, 40)).toThrow(RangeError);
});

test('median and meanOfWorst', () => {
  expect(median([3, 1, 2])).toBe(2);
  expect(median([4, 1, 2, 3])).toBe(2.5);
  expect(meanOfWorst([1, 2, 3, 4, 5, 6, 7, 8, 9, 20], 0.1)).toBe(20);
  expect(() => median([])).toThrow(RangeError);
});

test('kernelDensity integrates to one and peaks where the sample does', () => {
  const sample = Array.from({ length: 512 }, (_, i) => inverseNormal((i + 0.5) / 512));
  const curve = kernelDensity(sample, 200, 0.01);
  const step = curve[1]![0] - curve[0]![0];
  expect(curve.reduce((sum, [, d]) => sum + d * step, 0)).toBeCloseTo(1, 2);
  const peak = curve.reduce((best, point) => (point[1] > best[1] ? point : best));
  expect(Math.abs(peak[0])).toBeLessThan(0.15);
});

test('densityQuantile finds where a share of the sample lies', () => {
  const sample = Array.from({ length: 512 }, (_, i) => inverseNormal((i + 0.5) / 512));
  const curve = kernelDensity(sample, 200, 0.01);
  expect(densityQuantile(curve, 0.5)).toBeCloseTo(0, 1);
  expect(densityQuantile(curve, 0.9)).toBeCloseTo(1.2816, 1);
  expect(densityQuantile(curve, 0)).toBe(curve[0]![0]);
});

test('normalCdf undoes inverseNormal', () => {
  for (const p of [0.001, 0.1, 0.31, 0.5, 0.77, 0.999]) {
    expect(normalCdf(inverseNormal(p))).toBeCloseTo(p, 6);
  }
});
