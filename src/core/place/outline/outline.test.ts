import fc from 'fast-check';
import { box } from '@/core/testing/place';
import { fineRing } from './curved';
import { ahead, bearingOf, towardBearing, turnedRight } from './direction';
import {
  apart,
  areaOf,
  crossesItself,
  crossingsOf,
  isInside,
  middleOf,
  nearestOn,
  type Point,
} from './ring';

const circle = (radius: number, corners: number): Point[] =>
  Array.from({ length: corners }, (_, i) => {
    const at = (2 * Math.PI * i) / corners;
    return [radius * Math.cos(at), radius * Math.sin(at)];
  });

test('a rectangle has the area, middle, inside and edges that it has by hand', () => {
  const ring = box([1, 2], [5, 5]);
  expect(areaOf(ring)).toBe(12);
  expect(middleOf(ring)).toEqual([3, 3.5]);
  expect(isInside(ring, [1.1, 2.1])).toBe(true);
  expect(isInside(ring, [0.9, 2.1])).toBe(false);
  expect(crossingsOf(ring, [3, 3], [0, 1])).toEqual([{ distance: 2, corner: 2, share: 0.5 }]);
  expect(crossingsOf(ring, [0, 3], [1, 0]).map(({ distance }) => distance)).toEqual([1, 5]);
  expect(crossingsOf(ring, [0, 3], [-1, 0])).toEqual([]);
  expect(nearestOn(ring, [3, 7])).toEqual({ at: [3, 5], distance: 2 });
});

test('a line through a corner crosses there once', () => {
  const ring: Point[] = [
    [2, 0],
    [4, 2],
    [2, 4],
    [0, 2],
  ];
  expect(crossingsOf(ring, [-1, 2], [1, 0]).map(({ distance }) => distance)).toEqual([1, 5]);
  expect(crossingsOf(ring, [2, 2], [0, 1]).map(({ distance }) => distance)).toEqual([2]);
});

test('a curve through twelve points of a circle is that circle to a hundredth', () => {
  const { ring, from } = fineRing(circle(5, 12), true);
  expect(from).toHaveLength(ring.length);
  expect(Math.abs(areaOf(ring) / (Math.PI * 25) - 1)).toBeLessThan(0.01);
  for (const point of ring) expect(Math.abs(Math.hypot(...point) - 5)).toBeLessThan(0.05);
  expect(fineRing(circle(5, 12), false).ring).toEqual(circle(5, 12));
  expect(() =>
    fineRing(
      [
        [0, 0],
        [1, 1],
      ],
      true,
    ),
  ).toThrow(RangeError);
});

test('an outline that crosses itself is found out, others are not', () => {
  expect(
    crossesItself([
      [0, 0],
      [4, 4],
      [4, 0],
      [0, 4],
    ]),
  ).toEqual([2, 2]);
  expect(crossesItself(box([0, 0], [3, 2]))).toBeNull();
  expect(crossesItself(fineRing(circle(6, 9), true).ring)).toBeNull();
});

test('bearings go clockwise from north, and turning right by a quarter leads from north to east', () => {
  expect(bearingOf([0, 0], [3, 0])).toBeCloseTo(90, 12);
  expect(bearingOf([1, 1], [1, -5])).toBeCloseTo(180, 12);
  const [x, y] = turnedRight(towardBearing(0), Math.PI / 2);
  expect(x).toBeCloseTo(1, 12);
  expect(y).toBeCloseTo(0, 12);
  fc.assert(
    fc.property(fc.double({ min: 0, max: 359.9, noNaN: true }), (bearing) => {
      const there = ahead([3, -2], towardBearing(bearing), 7);
      expect(apart([3, -2], there)).toBeCloseTo(7, 9);
      expect(Math.abs(((bearingOf([3, -2], there) - bearing + 540) % 360) - 180)).toBeLessThan(
        1e-6,
      );
    }),
  );
});

test('whoever walks from within out of a ring leaves it once more often than coming in', () => {
  const point = fc.double({ min: 0.4, max: 1.6, noNaN: true });
  fc.assert(
    fc.property(
      fc.array(point, { minLength: 5, maxLength: 20 }),
      fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
      fc.boolean(),
      (radii, at, curved) => {
        // A star about the origin never crosses itself.
        const star = radii.map((radius, i): Point => {
          const turn = (2 * Math.PI * i) / radii.length;
          return [5 * radius * Math.cos(turn), 5 * radius * Math.sin(turn)];
        });
        const { ring } = fineRing(star, curved);
        fc.pre(isInside(ring, [0.01, 0.02]));
        const crossings = crossingsOf(ring, [0.01, 0.02], [Math.cos(at), Math.sin(at)]);
        expect(crossings.length % 2).toBe(1);
        for (const { distance, share } of crossings) {
          expect(Number.isFinite(distance) && share >= 0 && share <= 1).toBe(true);
        }
      },
    ),
  );
});
