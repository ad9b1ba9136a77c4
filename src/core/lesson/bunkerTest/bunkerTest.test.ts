import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { samplerOf } from '@/core/ground/numeric/sampling';
import { SKILLS, type Skill } from '@/core/ground/player/player';
import { HABITS, type Habits } from '@/core/model/golfer/habits';
import { golferOf } from '@/core/model/golfer/golferOf';
import { outcomeOf } from '@/core/model/shot/outcome';
import { play, readyFor } from '@/core/model/shot/play';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { callingHit } from '@/core/search/calls/leaders';
import { readShot } from '@/core/contract/shot/shot';
import { aPlayer } from '@/core/testing/fixtures';
import { swingMade } from '@/core/testing/otherPlayers';
import { TEST_SURE } from '../review/luck';
import { bandOf, BANDS, STAYED_IN } from './bands';
import {
  believedOf,
  expectedPoints,
  figureOf,
  pointsOf,
  retestOf,
  type Norms,
  type TestBalls,
  type TestHit,
} from './figure';
import { normFor } from './norm';
import { randomStations, readTest, standardStations, stationOf, STATIONS } from './test';
import { figureWords, retestWords } from '@/core/tell/lessons/testWords';

const shots = standardStations('medium').map((shot) => readShot(shot, 1).shot);
const player = aPlayer('middle');
const norms = shots.map(
  (shot) =>
    Object.fromEntries(
      SKILLS.map((skill) => [skill, toTheEnd(normFor(player, skill, shot))!]),
    ) as Norms,
);

/** Habits between two levels. */
const between = (a: Habits, b: Habits): Habits => {
  const half = (name: 'mark' | 'height' | 'attack' | 'face' | 'aim' | 'speed'): number =>
    Math.sqrt(a[name] * b[name]);
  return {
    ...a,
    mark: half('mark'),
    height: half('height'),
    attack: half('attack'),
    face: half('face'),
    aim: half('aim'),
    speed: half('speed'),
    quit: (a.quit + b.quit) / 2,
    tail: (a.tail + b.tail) / 2,
  };
};

/** Five players from the best to the last; their errors have other tails than those that the norms come from. */
const FIVE: { skill: Skill; habits: Habits }[] = [
  { skill: 'expert', habits: HABITS.expert },
  { skill: 'good', habits: HABITS.good },
  { skill: 'middle', habits: between(HABITS.good, HABITS.middle) },
  { skill: 'middle', habits: HABITS.middle },
  { skill: 'beginner', habits: HABITS.beginner },
];

const readied = FIVE.map(({ skill, habits }) => {
  const golfer = { ...golferOf(aPlayer(skill)), habits };
  return shots.map((shot) => {
    const hit = toTheEnd(callingHit({ player: aPlayer(skill), shot }))!;
    const ready = readyFor(hit.setup, golfer, shot);
    const footing = footingOf(hit.setup, shot);
    return (seed: number): number => {
      const made = madeWith(swingMade(habits, seed), footing, { ...AS_MEANT });
      const { finish } = play(ready, made, hit.aim);
      const { out } = outcomeOf(finish, shot, skill);
      const { uniform } = samplerOf(seed + 77);
      return uniform() < out ? bandOf(Math.hypot(finish.x - shot.pin, finish.y)) : STAYED_IN;
    };
  });
});

const testOf = (who: number, balls: number, seed: number): TestHit[] =>
  Array.from({ length: balls }, (_, n) => {
    const station = stationOf(n, balls);
    return { station, band: readied[who]![station]!(seed * 1000 + who * 100 + n) };
  });

const figureIn = (who: number, balls: number, seed: number) =>
  figureOf(believedOf(testOf(who, balls, seed), norms));

test('norms are chances, and better levels have more points', () => {
  for (const station of norms) {
    for (const skill of SKILLS) {
      expect(station[skill]).toHaveLength(BANDS);
      expect(station[skill].reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 6);
    }
  }
  const hits = testOf(0, 20, 1);
  const points = SKILLS.map((skill) => expectedPoints(hits, norms, skill));
  expect(points).toEqual([...points].sort((a, b) => b - a));
});

test('twenty balls rank players of five skills rightly in nine of ten pairs', () => {
  let right = 0;
  let pairs = 0;
  for (let seed = 1; seed <= 30; seed++) {
    const figures = FIVE.map((_, who) => figureIn(who, 20, seed).handicap);
    for (let a = 0; a < FIVE.length; a++) {
      for (let b = a + 1; b < FIVE.length; b++) {
        pairs += 1;
        right += Number(figures[a]! < figures[b]!);
      }
    }
  }
  expect(right / pairs).toBeGreaterThan(0.9);
});

test('the interval holds the level of players who are as a level is in nine of ten tests, at the ends too', () => {
  const levels: [who: number, handicap: number][] = [
    [0, -4],
    [1, 6],
    [3, 18],
    [4, 34],
  ];
  for (const [who, handicap] of levels) {
    let held = 0;
    let told = 0;
    for (let seed = 100; seed < 140; seed++) {
      const figure = figureIn(who, 20, seed);
      held += Number(figure.low <= handicap && handicap <= figure.high);
      told += figure.handicap / 40;
    }
    expect([who, held / 40 >= 0.85]).toEqual([who, true]);
    expect([who, Math.abs(told - handicap) < 4]).toEqual([who, true]);
  }
});

const ballsOf = (who: number, balls: number, seed: number): TestBalls => ({
  hits: testOf(who, balls, seed),
  norms,
});

test('a retest calls a change more than luck where there is one, and hardly ever where there is none', () => {
  let found = 0;
  let falsely = 0;
  const tests = 60;
  for (let seed = 200; seed < 200 + tests; seed++) {
    const before = [ballsOf(4, 20, seed)];
    found += Number(retestOf(before, ballsOf(1, 20, seed), 'beginner').likely >= TEST_SURE);
    const { likely } = retestOf(before, ballsOf(4, 20, seed + 500), 'beginner');
    falsely += Number(likely >= TEST_SURE || likely <= 1 - TEST_SURE);
  }
  expect(found / tests).toBeGreaterThan(0.8);
  expect(falsely / tests).toBeLessThanOrEqual(0.02);
});

test('who is tested again after the worst of three tests has not got better by that', () => {
  let gained = 0;
  let byTheWorst = 0;
  const tests = 60;
  for (let seed = 300; seed < 300 + tests; seed++) {
    const three = [0, 1, 2].map((n) => ballsOf(3, 20, seed + 1000 * n));
    const handicaps = three.map(({ hits }) => figureOf(believedOf(hits, norms)).handicap);
    const after = ballsOf(3, 20, seed + 5000);
    gained += retestOf(three, after, 'middle').better / tests;
    const { handicap } = figureOf(believedOf(after.hits, norms));
    byTheWorst += (Math.max(...handicaps) - handicap) / tests;
  }
  expect(byTheWorst).toBeGreaterThan(3);
  expect(Math.abs(gained)).toBeLessThan(1.5);
});

test('as many balls as are said to show a change show it four times in five', () => {
  const wanted: number[] = [];
  for (let seed = 400; seed < 430; seed++) {
    const { balls } = retestOf([ballsOf(4, 20, seed)], ballsOf(3, 20, seed + 50), 'middle');
    if (balls !== null) wanted.push(balls);
  }
  const middle = wanted.sort((a, b) => a - b)[wanted.length >> 1]!;
  let found = 0;
  const tests = 40;
  for (let seed = 500; seed < 500 + tests; seed++) {
    const before = [ballsOf(4, middle, seed)];
    found += Number(retestOf(before, ballsOf(3, middle, seed + 700), 'middle').likely >= TEST_SURE);
  }
  expect(middle).toBeGreaterThan(20);
  expect(found / tests).toBeGreaterThan(0.7);
});

test('more balls narrow the figure', () => {
  const wide = figureIn(3, 10, 5);
  const narrow = figureIn(3, 20, 5);
  expect(narrow.high - narrow.low).toBeLessThan(wide.high - wide.low);
});

test('a test is the same for the same seed, and its balls come from the stations in turn', () => {
  expect(randomStations('soft', 4, 'yards')).toEqual(randomStations('soft', 4, 'yards'));
  expect(randomStations('soft', 4, 'yards')).not.toEqual(randomStations('soft', 5, 'yards'));
  expect(Array.from({ length: 20 }, (_, n) => stationOf(n, 20))).toEqual(
    Array.from({ length: STATIONS }, (_, station) => [station, station, station, station]).flat(),
  );
});

describe('a test that comes from outside', () => {
  const stations = standardStations('medium').map((shot, i) => ({ shot, norms: norms[i]! }));
  const whole = {
    player: 'ada',
    held_on: '2026-06-02',
    place: '',
    sand: 'medium',
    balls: 10,
    stations,
    hits: [
      { station: 0, band: 1 },
      { station: 0, band: 6 },
      { station: 1, band: 2 },
    ],
    note: '',
  };

  test('is taken', () => {
    expect(readTest(whole)).toEqual(whole);
    expect(pointsOf(readTest(whole).hits)).toBe(4 + 0 + 3);
  });

  test.each([
    ['twelve balls', { balls: 12 }, 'balls: must be 10 or 20, not 12'],
    [
      'a ball from another station',
      { hits: [{ station: 3, band: 1 }] },
      'hits[0].station: must be 0',
    ],
    ['a band that is none', { hits: [{ station: 0, band: 9 }] }, 'hits[0].band'],
    ['four stations', { stations: stations.slice(1) }, 'stations'],
  ])('but not with %s', (_, fields, message) => {
    expect(() => readTest({ ...whole, ...fields })).toRefuse(message);
  });

  test('nor with chances that are none', () => {
    const [first, ...rest] = stations;
    const wrong = { ...first, norms: { ...first!.norms, good: new Array(BANDS).fill(0.5) } };
    expect(() => readTest({ ...whole, stations: [wrong, ...rest] })).toRefuse(
      'stations[0].norms.good: must add up to 1',
    );
  });
});

test('figures and retests are said with what is not known', () => {
  expect(figureWords({ handicap: -2, low: -12, high: 6 })).toBe(
    'Plays from bunkers like a handicap of +2 (+12 or better to 6).',
  );
  const retest = { better: 5, likely: 0.8, balls: 60, earlier: 1 };
  expect(retestWords(retest)).toBe(
    'Better by about 5, which may be luck. It takes about 60 balls each time to show a change of that size, four times in five. Held against the test before. After a poor test the next is better by luck alone: that is allowed for.',
  );
  expect(retestWords({ ...retest, likely: 0.997, earlier: 3 })).toBe(
    'Better than before by about 5: more than luck. Held against all 3 earlier tests together, not against the best or the worst of them.',
  );
  expect(retestWords({ ...retest, better: -5, likely: 0.002 })).toMatch(/^Not as good/);
  expect(retestWords({ ...retest, better: 0.2, likely: 0.5, balls: null })).toMatch(
    /^The same as before\./,
  );
});
