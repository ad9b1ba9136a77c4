import { sayFaults } from '@/core/tell/facts/faultWords';
import fc from 'fast-check';
import { seededUint32 } from '@/core/ground/numeric/random';
import { sandOfFirmness } from '@/core/ground/sand/sandOf';
import { towardBearing } from '../outline/direction';
import { apart, areaOf, crossesItself, type Point } from '../outline/ring';
import { fineRing } from '../outline/curved';
import { readBearing, readLegs } from './legText';
import { pictureScale, underPicture } from './pictureScale';
import { dropDepth, probed } from './probe';
import { SHAPE_NAMES, shapeAbout } from './shapes';
import { bunkerFromSightings } from './fromSightings';
import { readDrops, readMeasure, readSighting } from './sighting';
import { simulatedSurvey } from './simulated';
import { closed, type Leg } from './traverse';

const PACE = 0.8;

const square = (changed: Partial<Record<number, Partial<Leg>>> = {}): Leg[] =>
  [0, 90, 180, 270].map((bearing, i) => ({ paces: 10, bearing, bearingSpread: 3, ...changed[i] }));

test('a walk that closes is left as it is', () => {
  const { corners, missed, odd } = closed(square(), PACE);
  expect(missed).toBeLessThan(1e-9);
  expect(odd).toBe(false);
  const wanted: Point[] = [
    [0, 0],
    [0, 8],
    [8, 8],
    [8, 0],
  ];
  corners.forEach((corner, i) => expect(apart(corner, wanted[i]!)).toBeLessThan(1e-9));
  expect(() => closed(square().slice(2), PACE)).toThrow(RangeError);
});

test('what a walk misses by is spread over its legs, and the last corner leads back to the peg', () => {
  const legs = square({ 1: { paces: 11 } });
  const { corners, missed, missedToward, expected, spreads } = closed(legs, PACE);
  expect(missed).toBeCloseTo(0.8, 9);
  expect(missedToward).toBeCloseTo(90, 6);
  expect(expected).toBeGreaterThan(0.4);
  // Half of it is taken from each of the two legs that were walked east and west, to a little.
  expect(corners[2]![0] - corners[1]![0]).toBeGreaterThan(8.2);
  expect(corners[2]![0] - corners[1]![0]).toBeLessThan(8.8);
  expect(spreads[0]).toBe(0);
  expect(spreads[2]).toBeGreaterThan(spreads[1]!);
});

const normalFrom = (seed: number): (() => number) => {
  const next = seededUint32(seed);
  return () =>
    Array.from({ length: 12 }, () => next() / 2 ** 32).reduce((sum, each) => sum + each, -6);
};

/** A walk round a ring: steps that differ, a pace and a compass that may be off throughout. */
function walkRound(
  ring: readonly Point[],
  normal: () => number,
  paceOff: number,
  compassOff: number,
): Leg[] {
  const pace = PACE * (1 + paceOff);
  return ring.map((from, i): Leg => {
    const to = ring[(i + 1) % ring.length]!;
    const length = apart(from, to);
    const course = (Math.atan2(to[0] - from[0], to[1] - from[1]) * 180) / Math.PI;
    const paces = length / pace + 0.06 * Math.sqrt(length / pace) * normal() + 0.25 * normal();
    return {
      paces: Math.max(0.2, paces),
      bearing: course + compassOff + 3 * normal(),
      bearingSpread: 3,
    };
  });
}

test('a walk that misses by more than it should says so', () => {
  expect(closed(square({ 2: { paces: 16 } }), PACE).odd).toBe(true);
  expect(closed(square({ 2: { bearing: 225 } }), PACE).odd).toBe(true);
  expect(closed(square({ 2: { paces: 10.5 } }), PACE).odd).toBe(false);
});

test.each([
  ['a pace that is off as paces are', 0.03, 0, true],
  ['a pace that is 3 % off throughout', 0.03, 0, false],
  ['a compass that is 3° off throughout', 0, 3, false],
])('corners are where they say in nine of ten walks with %s', (_, pace, compass, varies) => {
  const normal = normalFrom(7);
  const ring = shapeAbout('kidney', [0, 0]);
  let inside = 0;
  let all = 0;
  for (let walk = 0; walk < 300; walk++) {
    const off = varies ? normal() : 1;
    const { corners, spreads } = closed(walkRound(ring, normal, pace * off, compass * off), PACE);
    corners.slice(1).forEach((corner, i) => {
      const truth: Point = [ring[i + 1]![0] - ring[0]![0], ring[i + 1]![1] - ring[0]![1]];
      all += 1;
      inside += Number(apart(corner, truth) < 2 * spreads[i + 1]!);
    });
  }
  expect(inside / all).toBeGreaterThan(0.9);
});

test('a walk that is closed lies nearer the truth than one that is not', () => {
  const normal = normalFrom(9);
  const ring = shapeAbout('kidney', [0, 0]);
  let closer = 0;
  for (let walk = 0; walk < 200; walk++) {
    const legs = walkRound(ring, normal, 0.03 * normal(), 0);
    const { corners } = closed(legs, PACE);
    let raw: Point = [0, 0];
    let rawMiss = 0;
    let miss = 0;
    corners.forEach((corner, i) => {
      const truth: Point = [ring[i]![0] - ring[0]![0], ring[i]![1] - ring[0]![1]];
      rawMiss += apart(raw, truth);
      miss += apart(corner, truth);
      const [ux, uy] = towardBearing(legs[i]!.bearing);
      raw = [raw[0] + ux * legs[i]!.paces * PACE, raw[1] + uy * legs[i]!.paces * PACE];
    });
    if (miss <= rawMiss) closer += 1;
  }
  expect(closer).toBeGreaterThan(150);
});

test('directions are read as coaches write them, and anything else is told', () => {
  expect(readBearing('95')).toEqual({ bearing: 95, spread: 3 });
  expect(readBearing('360°')?.bearing).toBe(0);
  expect(readBearing('12:30')?.bearing).toBe(15);
  expect(readBearing('3h')?.bearing).toBe(90);
  expect(readBearing('ssw')?.bearing).toBe(202.5);
  for (const odd of ['13 h', '361', 'up', '']) expect(readBearing(odd)).toBeNull();
  const { legs, faults } = readLegs(
    '8 95 3\n\n6 paces NE\n7, 2:30, lip 1.5ft\nfar left\n200 10',
    'ft',
  );
  expect(legs.map(({ paces, bearing, lip }) => [paces, bearing, lip])).toEqual([
    [8, 95, 3 * 0.3048],
    [6, 45, null],
    [7, 75, 1.5 * 0.3048],
  ]);
  expect(sayFaults(faults)).toEqual([
    {
      path: 'line 5',
      message: 'must be paces, direction and lip, such as "8 95 3", not "far left"',
    },
    { path: 'line 6', message: 'paces must be from 1 to 100, not 200' },
  ]);
  expect(sayFaults(readLegs('8 95 30', 'ft').faults)[0]?.message).toContain('at most 20 ft');
});

test('a rod goes deeper into softer sand, and drops give back the firmness that they were made in', () => {
  const depths = [0, 0.25, 0.5, 0.75, 1].map((firmness) => dropDepth(sandOfFirmness(firmness)));
  expect([...depths].sort((a, b) => b - a)).toEqual(depths);
  fc.assert(
    fc.property(fc.double({ min: 0.05, max: 0.95, noNaN: true }), (firmness) => {
      const depth = dropDepth(sandOfFirmness(firmness));
      const found = probed([depth * 0.97, depth, depth * 1.03]);
      expect(found.firmness).toBeCloseTo(firmness, 4);
      expect(found.low).toBeLessThanOrEqual(firmness);
      expect(found.high).toBeGreaterThanOrEqual(firmness);
    }),
  );
  expect(() => probed([0.08, 0.09])).toThrow(RangeError);
});

test('a picture is laid on the ground by two of its points, turned and stretched', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 6.28, noNaN: true }),
      fc.double({ min: 0.01, max: 1, noNaN: true }),
      (turn, perPixel) => {
        const c = perPixel * Math.cos(turn);
        const s = perPixel * Math.sin(turn);
        const truly = ([x, y]: Point): Point => [5 + c * x + s * y, -3 + s * x - c * y];
        const pixels: [Point, Point] = [
          [12, 40],
          [300, 220],
        ];
        const scale = pictureScale(pixels, [truly(pixels[0]), truly(pixels[1])]);
        expect(apart(underPicture(scale, [77, 401]), truly([77, 401]))).toBeLessThan(1e-6);
      },
    ),
  );
  expect(() =>
    pictureScale(
      [
        [1, 1],
        [4, 4],
      ],
      [
        [0, 0],
        [3, 3],
      ],
    ),
  ).toThrow('too near');
});

test('a rangefinder’s line is a point and a height; what makes no sense is refused by name', () => {
  const line = {
    format: 'mellow-divot/sighting',
    version: 1,
    id: '5a17a0e5-0000-4000-8000-000000000001',
  };
  const seen = readSighting({ ...line, distance_m: 20, bearing_deg: 90, slope_deg: 30 });
  expect(seen.point[0]).toBeCloseTo(20 * Math.cos(Math.PI / 6), 9);
  expect(seen.up).toBeCloseTo(10, 9);
  expect(() => readSighting({ ...line, distance_m: 20, bearing_deg: 400, slope_deg: 0 })).toRefuse(
    'bearing_deg',
  );
  const drops = { ...line, format: 'mellow-divot/sand-drops', depths_mm: [80, 85, 82] };
  expect(readDrops(drops).depths).toEqual([0.08, 0.085, 0.082]);
  expect(() => readDrops({ ...drops, depths_mm: [80] })).toRefuse('depths_mm');
});

test('the shapes that a coach begins with are whole outlines', () => {
  for (const shape of SHAPE_NAMES) {
    const { ring } = fineRing(shapeAbout(shape, [3, -4]), true);
    expect(crossesItself(ring)).toBeNull();
    expect(areaOf(ring)).toBeGreaterThan(10);
  }
});

test('a survey that a device sends gives back bunker, lips and sand to their stated doubt', () => {
  let n = 0;
  const id = (): string => `5a17a0e5-0000-4000-8000-${String(n++).padStart(12, '0')}`;
  const asked = { shape: 'kidney' as const, middle: [0, 12] as Point, lip: [0.2, 1.4] as const };
  const lines = simulatedSurvey({ ...asked, firmness: 0.6, seed: 4 }, id).map((line) =>
    readMeasure(JSON.parse(JSON.stringify(line))),
  );
  const sighted = lines.flatMap((line) =>
    line.format === 'mellow-divot/sand-drops' ? [] : [readSighting(line)],
  );
  const { ring, also } = bunkerFromSightings(sighted, [5, 0])!;
  const truth = shapeAbout('kidney', [5, 12]);
  ring.forEach((corner, i) => {
    expect(apart(corner, truth[i]!)).toBeLessThan(4 * also.measured!.spread_m);
    expect(also.lips![i]).not.toBeNull();
  });
  expect(Math.max(...also.lips!.map(Number))).toBeGreaterThan(1);
  expect(bunkerFromSightings(sighted.slice(0, 4), [0, 0])).toBeNull();
  const drops = lines.flatMap((line) => ('depths_mm' in line ? readDrops(line).depths : []));
  const { low, high } = probed(drops);
  expect(low).toBeLessThan(0.6);
  expect(high).toBeGreaterThan(0.6);
});
