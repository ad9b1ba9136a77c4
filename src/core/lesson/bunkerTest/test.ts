import { fact } from '@/core/ground/fact/fact';
import { check, FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  integerField,
  listField,
  numberField,
  proseField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';
import { dayField, playerIdField } from '@/core/contract/check/ids';
import { shotSchema, type ShotInput } from '@/core/contract/shot/shot';
import { SKILLS } from '@/core/ground/player/player';
import { SAND_PRESETS, type SandPreset } from '@/core/ground/sand/presets';
import type { UnitSystem } from '@/core/ground/units/system';
import { randomStation } from '../plan/randomStation';
import { BANDS } from './bands';

/** How many balls a test has: so many from each of its stations. */
export const TEST_BALLS = [10, 20] as const;
export const STATIONS = 5;

const chancesField = required(listField(required(numberField(0, 1)), BANDS, BANDS));

const stationSchema = exactObject({
  shot: required(shotSchema),
  /** Where balls of each level end up from here, as the engine has it. */
  norms: required(
    exactObject({
      expert: chancesField,
      good: chancesField,
      middle: chancesField,
      beginner: chancesField,
    }),
  ),
});

export const testFields = {
  player: required(playerIdField),
  held_on: required(dayField),
  place: required(textField(0, 120)),
  sand: required(wordField(SAND_PRESETS)),
  balls: required(integerField(10, 20)),
  stations: required(listField(stationSchema, STATIONS, STATIONS)),
  hits: required(
    listField(
      exactObject({
        station: required(integerField(0, STATIONS - 1)),
        band: required(integerField(0, BANDS - 1)),
      }),
      0,
      20,
    ),
  ),
  note: required(proseField(400)),
};

const testSchema = exactObject(testFields);

/** A bunker test: its stations with what is expected there, and the balls hit so far. */
export type BunkerTest = Of<typeof testSchema>;

/** A test as it is stored, with the player whose it is. */
export interface StoredTest {
  id: string;
  test: BunkerTest;
  playerName: string;
}

/** Sum of chances may be off by this much: they are written with few decimals. */
const ROUNDING = 0.01;

/**
 * Checks a test: balls come from the stations in turn, and chances add up to one.
 *
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readTest(input: unknown): BunkerTest {
  const test = check(testSchema, input);
  const faults: Fault[] = [];
  if (!TEST_BALLS.includes(test.balls as (typeof TEST_BALLS)[number])) {
    faults.push({
      path: 'balls',
      message: fact('test.balls', {
        testBalls: TEST_BALLS.join(' or '),
        balls: test.balls,
      }),
    });
  }
  if (test.hits.length > test.balls) {
    faults.push({
      path: 'hits',
      message: fact('test.mostOut', { balls: test.balls }),
    });
  }
  test.hits.forEach(({ station }, i) => {
    if (station !== stationOf(i, test.balls)) {
      faults.push({
        path: `hits[${i}].station`,
        message: fact('test.station', { stationOf: stationOf(i, test.balls) }),
      });
    }
  });
  test.stations.forEach(({ norms }, i) => {
    for (const [level, chances] of Object.entries(norms)) {
      const sum = chances.reduce((all, chance) => all + chance, 0);
      if (Math.abs(sum - 1) > ROUNDING) {
        faults.push({ path: `stations[${i}].norms.${level}`, message: fact('test.weights') });
      }
    }
  });
  if (faults.length > 0) throw new FaultyInput(faults);
  return test;
}

/**
 * The station that ball `n` of a test is hit from, both from 0.
 *
 * @example
 * stationOf(3, 10); // => 1
 */
export const stationOf = (n: number, balls: number): number => Math.floor(n / (balls / STATIONS));

/** The stations that everybody has: from short to long, in yards to the flag and feet of lip. */
const STANDARD: readonly [pin: number, lip: number, lie: 'clean' | 'sitting-down'][] = [
  [10, 2, 'clean'],
  [14, 4, 'clean'],
  [18, 3, 'sitting-down'],
  [23, 2, 'clean'],
  [28, 3, 'clean'],
];

/** The standard stations in a sand. */
export const standardStations = (sand: SandPreset): ShotInput[] =>
  STANDARD.map(([pin, lip, lie]) => ({
    pin_yd: pin,
    edge_yd: Math.max(5, pin - 5),
    back_yd: pin + 10,
    lip: { height_ft: lip, distance_ft: 5 + lip / 2 },
    lie,
    sand: { preset: sand },
    green: { stimp_ft: 9.5 },
  }));

/** Lies of a test: what a club cannot be chosen for is no test of a player. */
const TEST_LIMITS = {
  pin: [7.3152, 29.2608],
  lip: [0.1524, 1.5],
  lies: ['clean', 'sitting-down'],
} as const;

/** Stations at random: the same seed gives the same test. */
export const randomStations = (sand: SandPreset, seed: number, units: UnitSystem): ShotInput[] =>
  Array.from({ length: STATIONS }, (_, i) =>
    randomStation(seed * STATIONS + i, units, {
      pin: [...TEST_LIMITS.pin],
      lip: [...TEST_LIMITS.lip],
      lies: [...TEST_LIMITS.lies],
      sand,
    }),
  );

/** Of a hundred balls, how many ended in each band here, and how many of each level would, best level first. */
export function bandsInHundred({
  hits,
  stations,
}: Pick<BunkerTest, 'hits' | 'stations'>): { here: number; levels: number[] }[] {
  const inHundred = (sum: number): number => Math.round((100 * sum) / hits.length);
  return Array.from({ length: BANDS }, (_, band) => ({
    here: inHundred(hits.filter((hit) => hit.band === band).length),
    levels: SKILLS.map((skill) =>
      inHundred(hits.reduce((sum, { station }) => sum + stations[station]!.norms[skill][band]!, 0)),
    ),
  }));
}
