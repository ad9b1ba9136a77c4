import { samplerOf } from '@/core/ground/numeric/sampling';
import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { glanceOf } from './glance';
import { outMovedWords } from '@/core/tell/lessons/moved';

/*
 * What is said to have moved within a lesson, tried on players who do not change and on players who do: a rotation
 * that ends at the plugged station is no decline.
 */

const LESSONS = 1600;

/** The stations in the order in which a player comes to them, and how often a ball comes out there. */
type Visits = readonly (readonly [station: number, balls: number, out: number])[];

/** How many in 100 lessons are said to have moved without reserve. */
function saidToMove(visits: Visits, gained = 0): number {
  const { uniform } = samplerOf(7);
  const plan = aPlan({ players: ['ada'] });
  const whole = { ...plan, stations: [0, 1, 2].map(() => plan.stations[0]!) };
  let said = 0;
  for (let lesson = 0; lesson < LESSONS; lesson++) {
    const hits = new Map<number, number>();
    const all = new Map<number, number>();
    for (const [station, count] of visits) all.set(station, (all.get(station) ?? 0) + count);
    const balls = visits.flatMap(([station, count, out]) =>
      Array.from({ length: count }, (_, i) => {
        const nth = hits.get(station) ?? 0;
        hits.set(station, nth + 1);
        const late = nth >= all.get(station)! / 2;
        const chance = Math.min(0.98, out + (late ? gained : 0));
        return aBall(i, { player: 'ada', station, along_m: uniform() < chance ? 12 : 1 });
      }),
    );
    const { halves } = glanceOf(whole, balls);
    if (!halves) continue;
    const words = outMovedWords(halves.first, halves.second);
    if (!words.includes('too few') && !words.includes('both halves')) said += 1;
  }
  return (100 * said) / LESSONS;
}

describe('a player who does not change', () => {
  test.each<[string, Visits]>([
    [
      'ten clean and ten plugged',
      [
        [0, 10, 0.95],
        [1, 10, 0.45],
      ],
    ],
    [
      'three stations, once round',
      [
        [0, 8, 0.9],
        [1, 8, 0.3],
        [2, 8, 0.7],
      ],
    ],
    [
      'two stations, twice round',
      [
        [0, 5, 0.9],
        [1, 5, 0.4],
        [0, 5, 0.9],
        [1, 5, 0.4],
      ],
    ],
    ['one station', [[0, 20, 0.6]]],
    [
      'many balls',
      [
        [0, 30, 0.8],
        [1, 30, 0.5],
      ],
    ],
  ])(
    '%s: eight lessons a month, at most 4 months in 100 have one that is said to have moved',
    (_, visits) => {
      expect(8 * saidToMove(visits)).toBeLessThanOrEqual(4);
    },
  );
});

test('a player who gains much within each station is mostly said to have moved', () => {
  expect(
    saidToMove(
      [
        [0, 30, 0.3],
        [1, 30, 0.3],
      ],
      0.5,
    ),
  ).toBeGreaterThan(80);
});
