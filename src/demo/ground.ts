import { groundStationName } from '@/core/tell/lessons/stationName';
import { groundStation, type PutBall } from '@/core/lesson/plan/groundStation';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import type { Point } from '@/core/place/outline/ring';
import { PLACE_FORMAT, PLACE_VERSION, type Bunker, type Place } from '@/core/place/record/place';

/* The made-up practice ground of the academy: a green among three bunkers, a pond behind it. */

export const DEMO_PLACE_ID = '5a17a0e5-0000-4000-8000-0000000000d1';

const corners = (ring: readonly Point[]) => ring.map(([x_m, y_m]) => ({ x_m, y_m }));

/** Corners with the lip at each. */
const lipped = (ring: readonly (readonly [number, number, number, number?])[]): Bunker['outline'] =>
  ring.map(([x_m, y_m, lip_m, overhang_m]) => ({
    x_m,
    y_m,
    lip_m,
    ...(overhang_m ? { overhang_m } : {}),
  }));

/** The bunkers, from the walk round them in autumn; the sand was seen again after the rain. */
export const demoPlace = (day: string, rain: string): Place => ({
  format: PLACE_FORMAT,
  version: PLACE_VERSION,
  name: 'Saltmarsh practice ground',
  kind: 'practice ground',
  notes: 'Walked in October, lips with the rake. The pot bunker holds water after rain.',
  bunkers: [
    {
      id: 'front',
      name: 'Front bunker',
      curved: true,
      outline: lipped([
        [-7.5, -1, 0.4],
        [-6, 2.4, 0.9],
        [-2.5, 4.1, 1.5, 0.1],
        [1, 3.2, 1.7, 0.15],
        [4, 3.9, 1.4],
        [7.2, 3.1, 1],
        [8, -0.4, 0.5],
        [5.4, -3, 0.25],
        [1.2, -2.4, 0.2],
        [-3.6, -3.6, 0.2],
      ]),
      floor: { tilt_deg: 3, uphill_deg: 0 },
      spots: [],
      sand: [
        { day, preset: 'medium', depth_m: 0.12, note: 'raked, two weeks old' },
        { day: rain, preset: 'firm', firmness: 0.68, depth_m: 0.12, note: 'after the rain' },
      ],
      rests: [],
      measured: { how: 'paced', spread_m: 0.4, lip_spread_m: 0.1 },
    },
    {
      id: 'pot',
      name: 'Pot bunker',
      curved: true,
      outline: lipped([
        [16.6, 9.5, 1.3],
        [18.6, 11.2, 1.1],
        [19, 13.6, 1.2],
        [17.2, 15.3, 1.6],
        [15, 14.7, 1.9, 0.2],
        [13.9, 12.6, 2, 0.25],
        [14.6, 10.4, 1.8, 0.2],
      ]),
      floor: { tilt_deg: 0, uphill_deg: 0 },
      spots: [
        { x_m: 16.4, y_m: 12.4, z_m: 0 },
        { x_m: 18.3, y_m: 12.5, z_m: 0.45 },
        { x_m: 16.2, y_m: 14.3, z_m: 0.4 },
        { x_m: 14.7, y_m: 12.3, z_m: 0.5 },
        { x_m: 16.6, y_m: 10.4, z_m: 0.42 },
      ],
      sand: [
        {
          day: rain,
          preset: 'wet',
          depth_m: 0.08,
          depths: [
            { x_m: 17.4, y_m: 11.6, depth_m: 0.12 },
            { x_m: 15, y_m: 13.8, depth_m: 0.04 },
          ],
          note: 'after the rain',
        },
      ],
      rests: [{ x_m: 15.6, y_m: 12.6 }],
      measured: { how: 'rangefinder', spread_m: 0.3, lip_spread_m: 0.15 },
    },
    {
      id: 'long',
      name: 'Long bunker',
      curved: true,
      outline: lipped([
        [-24, 3.5, 0.2],
        [-20, 4.6, 0.4],
        [-17.2, 8.4, 0.6],
        [-16.8, 13.5, 0.6],
        [-18.2, 17.6, 0.4],
        [-20.6, 18.2, 0.2],
        [-21, 13, 0.15],
        [-22, 8.5, 0.15],
      ]),
      floor: { tilt_deg: 0, uphill_deg: 0 },
      spots: [],
      sand: [{ day, preset: 'soft', depth_m: 0.15, note: 'new sand' }],
      rests: [],
      measured: { how: 'drawn', spread_m: 0.5, lip_spread_m: 0.2 },
    },
  ],
  greens: [
    {
      id: 'green',
      name: 'Practice green',
      curved: true,
      outline: corners([
        [-11, 9.5],
        [-5.5, 7.2],
        [1.5, 7.6],
        [8.5, 8.6],
        [11.8, 12.5],
        [10.5, 19],
        [5, 24.5],
        [-2.5, 25.8],
        [-10, 23],
        [-13.2, 16.5],
      ]),
      slope: { tilt_deg: 1.5, uphill_deg: 20 },
      firmness: 'medium',
      stimp_ft: 9.5,
      flags: [
        { id: 'middle', name: 'Middle', x_m: -1, y_m: 16, cut: [rain] },
        { id: 'front-right', name: 'Front right', x_m: 6.5, y_m: 11.5, cut: [day] },
        { id: 'back-left', name: 'Back left', x_m: -7, y_m: 21 },
      ],
    },
  ],
  areas: [
    {
      id: 'apron',
      name: 'Apron',
      kind: 'fringe',
      curved: true,
      outline: corners([
        [-12.6, 8.2],
        [-6, 5.8],
        [1.5, 6.2],
        [9.4, 7.2],
        [13.2, 12.4],
        [11.8, 20],
        [5.6, 26],
        [-2.6, 27.4],
        [-11, 24.4],
        [-14.8, 16.5],
      ]),
    },
    {
      id: 'pond',
      name: 'Pond',
      kind: 'water',
      curved: true,
      outline: corners([
        [-8, 31],
        [0, 29.6],
        [9, 30.2],
        [13, 33],
        [8, 36.5],
        [-4, 37],
        [-10, 34.5],
      ]),
    },
    {
      id: 'path',
      name: 'Car park',
      kind: 'out-of-bounds',
      curved: false,
      outline: corners([
        [24, -8],
        [34, -8],
        [34, 38],
        [27, 38],
      ]),
    },
  ],
});

export const DEMO_GROUND_LESSON_ID = '5a17a0e5-0000-4000-8000-000000000004';

/** Balls of the lesson on the practice ground: two in the front bunker, the pot and the long one. */
const PUT: readonly PutBall[] = [
  { ball: [-4.5, 0.5], lie: 'clean', green: 'green', flag: 'middle' },
  { ball: [4.5, 2.2], lie: 'plugged', green: 'green', flag: 'front-right' },
  { ball: [16.8, 12], lie: 'clean', green: 'green', flag: 'middle' },
  { ball: [-19.5, 12], lie: 'sitting-down', green: 'green', flag: 'back-left' },
];

/** A lesson that is planned on the practice ground, at stations whose lines do not cross at a time. */
export function demoGroundLesson(place: Place, day: string): LessonPlan {
  const drawn = drawnPlace(place);
  const stations = PUT.map((put) =>
    groundStation(DEMO_PLACE_ID, place, drawn, put, day, groundStationName),
  );
  return {
    held_on: day,
    place: place.name,
    weather: 'after the rain',
    players: ['ines-okafor', 'tomas-reinholt', 'marguerite-sole'],
    stations: stations.map((station, i) => ({ ...station, line: i + 1 })),
    balls_per_station: 8,
    minutes_per_turn: 10,
    notes: 'Three lies, one green.',
  };
}
