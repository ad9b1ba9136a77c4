import fc from 'fast-check';
import { degrees, radians } from '@/core/ground/units/angle';
import { FaultyInput } from '@/core/contract/check/fault';
import { readShot } from '@/core/contract/shot/shot';
import { box, bunkerOver, greenOver, movedPlace, plainPlace, spotIn } from '@/core/testing/place';
import { readPlace, type Place } from '../record/place';
import type { Point } from '../outline/ring';
import { drawnPlace, lyingAt } from './drawnPlace';
import { floorAt } from './floor';
import { shotFrom } from './shotFrom';
import { sightOf, spotAt, wayFrom } from './sight';

const sightFrom = (place: Place, ball: Point) => {
  const { drawn, spot } = spotIn(place, ball);
  return sightOf(drawn, spot);
};

test('a level rectangle before a level rectangle is read as by hand', () => {
  const sight = sightFrom(plainPlace(), [0, -1]);
  expect(sight).toMatchObject({ pin: 17, edge: 11, back: 31, along: 0, across: 0, greenSlope: 0 });
  expect(sight.lip).toEqual({ height: 1, distance: 4 });
  expect(sight.clear).toBeUndefined();
  expect(sight.beyond).toBe('rough');
  expect(sight.stretches.map(({ lying, from, to }) => [lying, from, to])).toEqual([
    ['sand', 0, 4],
    ['rough', 4, 11],
    ['green', 11, 31],
    ['rough', 31, 260],
  ]);
});

test('a floor that rises toward the flag lifts the lip above the ball, and is a slope along the line', () => {
  const place = plainPlace({
    bunkers: [bunkerOver(box([-4, -3], [4, 3]), 1, { floor: { tilt_deg: 10, uphill_deg: 0 } })],
  });
  const sight = sightFrom(place, [0, -1]);
  expect(sight.lip.height).toBeCloseTo(1 + 4 * Math.tan(radians(10)), 9);
  expect(degrees(sight.along)).toBeCloseTo(10, 9);
  expect(sight.across).toBeCloseTo(0, 12);
  const sideways = plainPlace({
    bunkers: [bunkerOver(box([-4, -3], [4, 3]), 1, { floor: { tilt_deg: 6, uphill_deg: 90 } })],
  });
  // Ground that rises to the east, played to the north: above the feet of a right-hander, who stands to the west.
  expect(degrees(sightFrom(sideways, [0, 0]).across)).toBeCloseTo(6, 9);
  const shot = (handed: 'right' | 'left') =>
    shotFrom(sightFrom(sideways, [0, 0]), {
      lie: 'clean',
      handed,
      sand: null,
      green: place.greens[0]!,
      ways: [],
    });
  expect(shot('right').slope?.across_deg).toBe(6);
  expect(shot('left').slope?.across_deg).toBe(-6);
  expect(shot('right').green).toMatchObject({ stimp_m: 3, slope_deg: 0, firmness: 'medium' });
});

test('spots of one plane give that plane; a hollow is steep on its sides and level at its bottom', () => {
  const grid = [-4, -2, 0, 2, 4].flatMap((x) => [-4, -2, 0, 2, 4].map((y): Point => [x, y]));
  const floorOf = (height: (x: number, y: number) => number, at: Point) =>
    floorAt(
      {
        floor: { tilt_deg: 0, uphill_deg: 0 },
        spots: grid.map(([x_m, y_m]) => ({ x_m, y_m, z_m: height(x_m, y_m) })),
      },
      at,
    );
  const plane = floorOf((x, y) => 2 + 0.1 * x - 0.2 * y, [1, 1.5]);
  expect(plane.height).toBeCloseTo(1.8, 4);
  expect(plane.rise[0]).toBeCloseTo(0.1, 4);
  expect(plane.rise[1]).toBeCloseTo(-0.2, 4);
  const bowl = (x: number, y: number): number => 0.05 * (x * x + y * y);
  expect(Math.hypot(...floorOf(bowl, [0, 0]).rise)).toBeLessThan(1e-6);
  expect(floorOf(bowl, [3, 0]).rise[0]).toBeGreaterThan(0.1);
});

test('what lies between and past is found: a second bunker is to be carried, water waits behind', () => {
  const place = plainPlace({
    bunkers: [
      bunkerOver(box([-4, -3], [4, 3]), 1),
      bunkerOver(box([-1, 5], [1, 8]), 0.3, { id: 'second' }),
    ],
    areas: [
      {
        id: 'pond',
        name: 'Pond',
        kind: 'water',
        curved: false,
        outline: corners([-20, 33], [20, 40]),
      },
      {
        id: 'apron',
        name: 'Apron',
        kind: 'fringe',
        curved: false,
        outline: corners([-14, 8], [14, 32]),
      },
    ],
  });
  const sight = sightFrom(place, [0, -1]);
  expect(sight.clear).toBe(9);
  expect(sight.beyond).toBe('water');
  expect(lyingAt(drawnPlace(place), [0, 9])).toBe('fringe');
  expect(lyingAt(drawnPlace(place), [0, 7])).toBe('sand');
  // To one side the second bunker is not in the way.
  expect(sightFrom(place, [3.9, -1]).clear).toBeUndefined();
});

function corners(a: Point, b: Point) {
  return box(a, b).map(([x_m, y_m]) => ({ x_m, y_m }));
}

test('a way out knows its lip, its room and where it stops; beside the hole where it passes the green', () => {
  const { drawn, spot } = spotIn(plainPlace(), [0, -1]);
  const back = wayFrom(drawn, spot, Math.PI);
  expect(back.lip.height).toBe(1);
  expect(back.lip.distance).toBeCloseTo(2, 9);
  expect(back).toMatchObject({ room: 100, ground: 'rough' });
  expect(back.target).toBeCloseTo(10, 9);
  const right = wayFrom(drawn, spot, Math.PI / 2);
  expect(right.lip.distance).toBeCloseTo(4, 9);
  const besideHole = wayFrom(drawn, spot, radians(20));
  expect(besideHole.ground).toBe('green');
  expect(besideHole.target).toBeCloseTo(17 * Math.cos(radians(20)), 9);
});

test('an overhang brings the lip nearer', () => {
  const ring = box([-4, -3], [4, 3]);
  const place = plainPlace({
    bunkers: [
      {
        ...bunkerOver(ring, 1),
        outline: ring.map(([x_m, y_m]) => ({ x_m, y_m, lip_m: 1, overhang_m: 0.4 })),
      },
    ],
  });
  expect(sightFrom(place, [0, -1]).lip).toEqual({ height: 1, distance: 3.6 });
});

test('a ball that is not in the sand, a flag off its green and what is not there are refused by name', () => {
  const place = plainPlace();
  const drawn = drawnPlace(place);
  const at = { bunker: 'front', ball: [0, 0] as Point, green: 'green', flag: 'flag' };
  expect(() => spotAt(drawn, { ...at, ball: [0, 5] })).toRefuse('must lie in the sand of Front');
  expect(() => spotAt(drawn, { ...at, flag: 'sunday' })).toRefuse('there is no flag "sunday"');
  expect(() =>
    readPlace(plainPlace({ greens: [greenOver(box([-12, 10], [12, 30]), [0, 31])] })),
  ).toThrow(FaultyInput);
  const crossed = bunkerOver(
    [
      [0, 0],
      [4, 4],
      [4, 0],
      [0, 4],
    ],
    1,
  );
  expect(() => readPlace(plainPlace({ bunkers: [crossed] }))).toRefuse('must not cross itself');
  expect(() =>
    readPlace(plainPlace({ bunkers: [bunkerOver(box([0, 0], [4, 4]), -0.2)] })),
  ).toRefuse('bunkers[0].outline[0].lip_m');
  const twice = [bunkerOver(box([0, 0], [4, 4]), 1), bunkerOver(box([6, 0], [9, 4]), 1)];
  expect(() => readPlace(plainPlace({ bunkers: twice }))).toRefuse('"front" is there twice');
});

/** A curved bunker about the peg with lips and floor of its own, and a green before it. */
const anyPlace = fc
  .record({
    radii: fc.array(fc.double({ min: 3, max: 7, noNaN: true }), { minLength: 4, maxLength: 12 }),
    lips: fc.array(fc.double({ min: 0, max: 2.5, noNaN: true }), { minLength: 12, maxLength: 12 }),
    tilt: fc.double({ min: 0, max: 20, noNaN: true }),
    uphill: fc.double({ min: 0, max: 359, noNaN: true }),
    flag: fc.tuple(
      fc.double({ min: -8, max: 8, noNaN: true }),
      fc.double({ min: 13, max: 28, noNaN: true }),
    ),
    ball: fc.tuple(
      fc.double({ min: -1.5, max: 1.5, noNaN: true }),
      fc.double({ min: -1.5, max: 1.5, noNaN: true }),
    ),
  })
  .map(({ radii, lips, tilt, uphill, flag, ball }) => {
    const ring = radii.map((radius, i): Point => {
      const at = (2 * Math.PI * i) / radii.length;
      return [radius * Math.cos(at), radius * Math.sin(at)];
    });
    const outline = ring.map(([x_m, y_m], i) => ({ x_m, y_m, lip_m: lips[i]! }));
    const floor = { tilt_deg: tilt, uphill_deg: uphill };
    const place = plainPlace({
      bunkers: [{ ...bunkerOver(ring, 1), outline, curved: true, floor }],
      greens: [
        greenOver(box([-12, 10], [12, 30]), flag as Point, {
          slope: { tilt_deg: 3, uphill_deg: uphill },
        }),
      ],
    });
    return { place, ball: ball as Point };
  });

test('turning and moving the whole ground changes no reading; a mirror changes the side alone', () => {
  fc.assert(
    fc.property(anyPlace, fc.double({ min: 0, max: 360, noNaN: true }), ({ place, ball }, turn) => {
      fc.pre(lyingAt(drawnPlace(place), ball) === 'sand');
      const seen = sightFrom(place, ball);
      const a = radians(turn);
      const turned = ([x, y]: Point): Point => [
        40 + x * Math.cos(a) + y * Math.sin(a),
        -70 + y * Math.cos(a) - x * Math.sin(a),
      ];
      const there = sightFrom(
        movedPlace(place, turned, (bearing) => bearing + turn),
        turned(ball),
      );
      const mirrored = ([x, y]: Point): Point => [-x, y];
      const inMirror = sightFrom(
        movedPlace(place, mirrored, (bearing) => -bearing),
        mirrored(ball),
      );
      for (const key of ['pin', 'edge', 'back', 'along', 'greenSlope'] as const) {
        expect(Math.abs(there[key] - seen[key])).toBeLessThan(1e-6);
        expect(Math.abs(inMirror[key] - seen[key])).toBeLessThan(1e-6);
      }
      for (const key of ['height', 'distance'] as const) {
        expect(Math.abs(there.lip[key] - seen.lip[key])).toBeLessThan(1e-6);
        expect(Math.abs(inMirror.lip[key] - seen.lip[key])).toBeLessThan(1e-6);
      }
      expect(Math.abs(there.across - seen.across)).toBeLessThan(1e-6);
      expect(Math.abs(inMirror.across + seen.across)).toBeLessThan(1e-6);
    }),
  );
});

test('no reading of random ground is NaN, each is a shot that the desk takes, and every way out has room', () => {
  fc.assert(
    fc.property(anyPlace, ({ place, ball }) => {
      fc.pre(lyingAt(drawnPlace(place), ball) === 'sand');
      const { drawn, spot } = spotIn(place, ball);
      const sight = sightOf(drawn, spot);
      const ways = [-2.6, -1, 0.4, 1.7, Math.PI].map((turned) => wayFrom(drawn, spot, turned));
      const input = shotFrom(sight, {
        lie: 'plugged',
        handed: 'left',
        sand: null,
        green: place.greens[0]!,
        ways,
      });
      const { shot } = readShot(input, -1);
      const numbers = [shot.pin, shot.edge, shot.back, shot.lip.height, shot.lip.distance];
      expect(numbers.every(Number.isFinite)).toBe(true);
      expect(shot.lip.distance).toBeLessThanOrEqual(shot.edge);
      expect(shot.edge <= shot.pin && shot.pin <= shot.back).toBe(true);
      for (const { lip, room, target } of ways) {
        expect(room).toBeGreaterThanOrEqual(1);
        expect(target!).toBeGreaterThan(lip.distance);
      }
    }),
  );
});
