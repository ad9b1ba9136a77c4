import { sayFact } from '@/core/tell/facts/sayFact';
import { newNames } from '@/core/tell/place/newNames';
import fc from 'fast-check';
import { FaultyInput } from '@/core/contract/check/fault';
import { box, bunkerOver, greenOver, plainPlace } from '@/core/testing/place';
import { apart, type Point } from '../outline/ring';
import { shapeAbout } from '../survey/shapes';
import { readPlace, type Place } from '../record/place';
import { cornersCsv } from './cornersCsv';
import { placeToGeoJson } from './geoJson';
import { earthlyAt } from './onEarth';
import { readGeoJson } from './readGeoJson';

const NAMES = newNames();

const corners = (ring: Point[]) => ring.map(([x_m, y_m]) => ({ x_m, y_m }));

const millimetres = (value: number): number => Math.round(value * 1000) / 1000;

/** A place with everything that one can hold. */
const fullPlace = (anchor?: Place['anchor']): Place => {
  const ring = shapeAbout('kidney', [120, -60]).map(([x, y]): Point => [
    millimetres(x),
    millimetres(y),
  ]);
  return readPlace({
    ...plainPlace(),
    name: 'Saltmarsh',
    kind: 'course',
    notes: 'Two lines\nof notes',
    ...(anchor ? { anchor } : {}),
    bunkers: [
      bunkerOver(box([-4, -3], [4, 3]), 1),
      {
        ...bunkerOver(ring, 0.6, { id: 'kidney', name: 'Kidney', curved: true }),
        outline: ring.map(([x_m, y_m], i) => ({
          x_m,
          y_m,
          lip_m: i / 10,
          ...(i % 3 === 0 ? { overhang_m: 0.1 } : {}),
        })),
        floor: { tilt_deg: 4, uphill_deg: 210 },
        spots: [
          { x_m: 120, y_m: -60, z_m: 0.1 },
          { x_m: 121, y_m: -61, z_m: 0.2 },
          { x_m: 118, y_m: -60.5, z_m: -0.3 },
        ],
        sand: [
          {
            day: '2026-11-03',
            preset: 'wet',
            depth_m: 0.1,
            moisture: 0.5,
            crust: true,
            depths: [{ x_m: 120.5, y_m: -60.25, depth_m: 0.03 }],
            note: 'after the rain',
          },
        ],
        rests: [{ x_m: 120.5, y_m: -60.25 }],
        measured: { how: 'paced', spread_m: 0.4, lip_spread_m: 0.1 },
      },
    ],
    greens: [
      greenOver(box([-12, 10], [12, 30]), [0, 16], {
        flags: [
          { id: 'front', name: 'Front', x_m: 0, y_m: 12, cut: ['2026-11-01', '2026-11-15'] },
          { id: 'back', name: 'Back', x_m: 3, y_m: 26, cut: ['2026-11-08'] },
        ],
      }),
    ],
    areas: [
      {
        id: 'pond',
        name: 'Pond',
        kind: 'water',
        curved: true,
        outline: corners(
          shapeAbout('round', [60, 10]).map(([x, y]): Point => [millimetres(x), millimetres(y)]),
        ),
      },
    ],
  });
};

test.each([
  ['on the earth', { latitude: 57.25, longitude: -4.125 }],
  ['nobody knows where', undefined],
])('a place %s comes back from GeoJSON as it was', (_, anchor) => {
  const place = fullPlace(anchor);
  const text = JSON.stringify(placeToGeoJson(place));
  const { place: back, mended } = readGeoJson(JSON.parse(text), NAMES);
  expect(back).toEqual(place);
  expect(mended.map((each) => sayFact(each))).toEqual([]);
});

test('the ground lies on the earth as far apart as it is, by the sphere’s own rule', () => {
  const { toEarth, toGround } = earthlyAt({ latitude: 51.5, longitude: 7 });
  const away = fc.double({ min: -2000, max: 2000, noNaN: true });
  fc.assert(
    fc.property(fc.tuple(away, away), fc.tuple(away, away), (a, b) => {
      const [p, q] = [toEarth(a), toEarth(b)];
      expect(apart(toGround(p), a)).toBeLessThan(0.002);
      // Haversine on a sphere: the earth is flatter than one by a third of a per cent at most.
      const rad = Math.PI / 180;
      const h =
        Math.sin(((q[1] - p[1]) * rad) / 2) ** 2 +
        Math.cos(p[1] * rad) * Math.cos(q[1] * rad) * Math.sin(((q[0] - p[0]) * rad) / 2) ** 2;
      const sphere = 2 * 6_371_000 * Math.asin(Math.sqrt(h));
      fc.pre(apart(a, b) > 10);
      expect(Math.abs(sphere / apart(a, b) - 1)).toBeLessThan(0.005);
    }),
  );
});

const polygon = (ring: readonly (readonly number[])[], properties: object) => ({
  type: 'Feature',
  geometry: { type: 'Polygon', coordinates: [ring] },
  properties,
});

/** A rectangle of so many metres near a place in the north, closed. */
const patch = (east: number, north: number, size: number): number[][] => {
  const { toEarth } = earthlyAt({ latitude: 57, longitude: -4 });
  const ring = box([east, north], [east + size, north + size]).map(toEarth);
  return [...ring, ring[0]!];
};

const collection = (features: unknown[]) => ({ type: 'FeatureCollection', features });

test('polygons of another program become bunkers, greens and water by their words; what was mended is said', () => {
  const open = patch(0, 0, 8).slice(0, -1);
  const { place, mended } = readGeoJson(
    collection([
      polygon([...open, open[3]!, open[0]!], { name: 'Front bunker' }),
      polygon(patch(0, 20, 20), { type: 'putting green' }),
      polygon(patch(40, 0, 10), { kind: 'water', name: 'Burn' }),
    ]),
    { ...NAMES, place: 'Brought in' },
  );
  expect(place.name).toBe('Brought in');
  expect(place.bunkers).toHaveLength(1);
  expect(place.bunkers[0]!.outline).toHaveLength(4);
  expect(place.bunkers[0]!.measured.how).toBe('file');
  expect(place.greens[0]!.name).toBe('Green 1');
  expect(place.areas[0]!.name).toBe('Burn');
  expect(mended.map((each) => sayFact(each))).toEqual([
    'features[0]: 1 repeated point left out',
    'features[0]: no lip is given; 0.5 m all round until you measure it',
  ]);
});

test.each([
  ['no collection', { type: 'Feature' }, 'must be a GeoJSON FeatureCollection'],
  [
    'a thousand polygons',
    collection(Array.from({ length: 2000 }, () => polygon(patch(0, 0, 5), {}))),
    'must be at most',
  ],
  [
    'an unknown kind',
    collection([polygon(patch(0, 0, 5), { kind: 'tee' })]),
    'features[0]: properties.kind must be one of',
  ],
  [
    'a place elsewhere',
    collection([
      polygon(patch(0, 0, 5), { kind: 'bunker' }),
      polygon(patch(80_000, 0, 5), { kind: 'green' }),
    ]),
    'coordinates of another place',
  ],
  [
    'coordinates that are none',
    collection([
      polygon(
        [
          [400, 1],
          [2, 3],
          [1, 1],
        ],
        { kind: 'bunker' },
      ),
    ]),
    'longitude and latitude',
  ],
  [
    'an outline that crosses itself',
    collection([
      polygon(
        [0, 2, 1, 3].map((i) => patch(0, 0, 8)[i]!),
        { kind: 'bunker' },
      ),
    ]),
    'must not cross itself',
  ],
  [
    'a lip below the sand',
    collection([polygon(patch(0, 0, 8), { kind: 'bunker', lip_m: -1 })]),
    'lip_m',
  ],
  [
    'a line',
    collection([
      {
        type: 'Feature',
        geometry: { type: 'LineString', coordinates: [] },
        properties: { kind: 'green' },
      },
    ]),
    'must hold a polygon',
  ],
])('%s is refused by name', (_, input, message) => {
  const read = () => readGeoJson(input, NAMES);
  expect(read).toThrow(FaultyInput);
  expect(read).toRefuse(message);
});

test('a flag off its green is refused by name', () => {
  const place = { ...fullPlace(), greens: [greenOver(box([-12, 10], [12, 30]), [0, 16])] };
  const file = placeToGeoJson(place);
  const flag = file.features.find(({ properties }) => properties.kind === 'flag')!;
  flag.geometry.coordinates = earthlyAt({ latitude: 0, longitude: 0 }).toEarth([0, 90]);
  expect(() => readGeoJson(file, NAMES)).toRefuse('"Flag" must stand on the green "Green"');
});

test('corners go out as CSV, a line each', () => {
  const lines = cornersCsv(fullPlace()).split('\r\n');
  expect(lines[0]).toBe(
    'place,bunker,corner,east_m,north_m,lip_m,overhang_m,measured,spread_m,lip_spread_m',
  );
  expect(lines).toHaveLength(1 + 4 + 10);
  expect(lines[1]).toBe('Saltmarsh,Front,1,-4,-3,1,0,drawn,0.3,0.1');
});
