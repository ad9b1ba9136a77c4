import fc from 'fast-check';
import { degrees, radians } from '../units/angle';
import { effectiveBounce, effectiveLoft, faceAzimuth, headNormals } from './geometry';
import { openingLimitDeg, typicalClub } from './club';

const wedge = { loft: radians(56), bounce: radians(12), lie: radians(64) };
const square = { opening: 0, handleLowered: 0, shaftLean: 0 };

test('a square club held as built shows its own loft and bounce', () => {
  const head = headNormals(wedge, square);
  expect(degrees(effectiveLoft(head))).toBeCloseTo(56, 9);
  expect(degrees(effectiveBounce(head))).toBeCloseTo(12, 9);
  expect(faceAzimuth(head)).toBeCloseTo(0, 12);
});

test('normals stay unit vectors however the club is held', () => {
  const angle = fc.double({ min: -0.8, max: 0.8, noNaN: true });
  fc.assert(
    fc.property(angle, angle, angle, (opening, handleLowered, shaftLean) => {
      const h = headNormals(wedge, { opening, handleLowered, shaftLean });
      return Math.abs(Math.hypot(h.faceX, h.faceY, h.faceZ) - 1) < 1e-12;
    }),
  );
});

test('opening adds loft and bounce by opening times the cosine of the lie, to first order', () => {
  const small = radians(1);
  const head = headNormals(wedge, { ...square, opening: small });
  expect(degrees(effectiveLoft(head)) - 56).toBeCloseTo(Math.cos(wedge.lie), 1);
  expect(degrees(effectiveBounce(head)) - 12).toBeCloseTo(Math.cos(wedge.lie), 1);
  expect(faceAzimuth(head)).toBeLessThan(0);
});

test('closing takes both away, and mirrors the azimuth', () => {
  const closed = headNormals(wedge, { ...square, opening: radians(-15) });
  expect(effectiveLoft(closed)).toBeLessThan(wedge.loft);
  expect(effectiveBounce(closed)).toBeLessThan(wedge.bounce);
  expect(faceAzimuth(closed)).toBeGreaterThan(0);
});

test('leaning the shaft to the target takes the same from loft and bounce', () => {
  const head = headNormals(wedge, { ...square, shaftLean: radians(6) });
  expect(degrees(effectiveLoft(head))).toBeCloseTo(50, 9);
  expect(degrees(effectiveBounce(head))).toBeCloseTo(6, 9);
});

test('a handle 8 degrees lower turns an opened face from pointing aside into loft', () => {
  const open = headNormals(wedge, { ...square, opening: radians(30) });
  const low = headNormals(wedge, {
    ...square,
    opening: radians(30),
    handleLowered: radians(8),
  });
  expect(degrees(effectiveLoft(low) - effectiveLoft(open))).toBeGreaterThan(2.5);
  expect(degrees(faceAzimuth(open))).toBeCloseTo(-34.4, 0);
  expect(degrees(faceAzimuth(low))).toBeCloseTo(-14.1, 0);
});

test('the less loft, the less a face can be opened', () => {
  const limits = [60, 56, 52, 46, 41, 37].map((loft) => openingLimitDeg({ loft: radians(loft) }));
  expect([...limits].sort((a, b) => b - a)).toEqual(limits);
  expect(limits[0]).toBe(45);
});

test('typical makes follow the standard tables', () => {
  expect(typicalClub('iron', 33).length).toBeCloseTo(0.94, 3);
  expect(degrees(typicalClub('wedge', 56).lie)).toBeCloseTo(64, 9);
});
