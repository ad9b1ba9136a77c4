import Papa from 'papaparse';
import { aBall } from '@/core/testing/balls';
import { FaultyInput } from '@/core/contract/check/fault';
import { ballsCsv, readLessonFile, type LessonFile } from './exchange';
import { summaryWords } from '@/core/tell/lessons/summary';
import { statsOf } from '../review/stats';
import { historyOf } from '../review/history';
import { randomStation } from '../plan/randomStation';
import { readSituation } from '@/core/contract/shot/situation';
import { situationFor } from '../players/player';
import { aRecord } from '@/core/testing/records';

const ball = (n: number) =>
  aBall(n, { entry_m: 0.04 + n / 1000, along_m: 12 + n, right_m: 0, carry_m: 11 });
const file: LessonFile = {
  format: 'mellow-divot/lesson',
  version: 1,
  id: '11111111-1111-4111-8111-111111111111',
  plan: {
    held_on: '2026-05-02',
    place: 'Practice bunker',
    weather: '',
    players: ['ada'],
    stations: [
      { name: '=High lip', shot: { pin_yd: 15, lip: { height_ft: 2, distance_ft: 8 } }, line: 1 },
    ],
    balls_per_station: 8,
    minutes_per_turn: 10,
    notes: '',
  },
  summary: '',
  homework: '',
  closed: false,
  balls: [ball(1), { ...ball(2), excluded: 'stone' }, ball(3)],
};
const record = aRecord();

test('a lesson goes out and comes back whole', () => {
  expect(readLessonFile(JSON.parse(JSON.stringify(file)))).toEqual(file);
});

test.each([
  [{ format: 'other' }, /format/],
  [{ id: 'x' }, /id: must be a UUID/],
  [{ balls: [{ ...ball(1), carry_m: -4 }] }, /balls\[0\]\.carry_m/],
  [{ plan: { ...file.plan, held_on: '2026-02-31' } }, /must be a day as YYYY-MM-DD/],
])('a file with %j is refused by name', (change, message) => {
  expect(() => readLessonFile({ ...file, ...change })).toThrow(FaultyInput);
  expect(() => readLessonFile({ ...file, ...change })).toRefuse(message);
});

test('balls as CSV are a line each, with formulas made harmless', () => {
  const csv = ballsCsv(file, { ada: '@Ada' }, 'yards');
  expect(csv.split('\n')).toHaveLength(4);
  expect(csv).toContain(`"'@Ada",1,"'=High lip",56`);
  expect(csv).toContain('stone');
});

test.each([
  ['yards', { mark_called_in: '1.5', mark_in: '1.61', along_yd: '14.22', carry_yd: '12.03' }],
  ['metres', { mark_called_cm: '3.81', mark_cm: '4.1', along_m: '13', carry_m: '11' }],
] as const)('balls as CSV in %s have one unit a column, named in its heading', (units, wanted) => {
  const { data, meta } = Papa.parse<Record<string, string>>(ballsCsv(file, {}, units), {
    header: true,
  });
  expect(data[0]).toMatchObject(wanted);
  const lengths = meta.fields!.filter((field) =>
    /^(mark|carry|along|right|divot|height)/.test(field),
  );
  for (const field of lengths)
    expect(field).toMatch(units === 'yards' ? /_(in|yd|ft)$/ : /_(cm|m)$/);
});

test('the history counts the balls of each lesson from the first day to the last', () => {
  const later = { id: 'b', plan: { ...file.plan, held_on: '2026-06-01' } };
  const balls = file.balls.map((each) => ({ ...each, lesson: 'a' }));
  const points = historyOf(
    record,
    [later, { id: 'a', plan: file.plan }],
    [...balls, { ...ball(9), lesson: 'b' }],
  );
  expect(points.map(({ day, stats }) => [day, stats.balls])).toEqual([
    ['2026-05-02', 2],
    ['2026-06-01', 1],
  ]);
});

test('a summary says what was hit, and that few balls prove nothing', () => {
  const at = (along_m: number) => ({
    along_m,
    carry_m: along_m,
    entry_m: 0.05,
    entryMeant: 0.04,
    carryMeant: 12,
    pin: 14,
    lip: 3,
  });
  const words = summaryWords(
    'The bunker',
    [
      {
        player: { name: 'Ada' },
        stats: statsOf([at(12), at(1), at(13)]),
        first: statsOf([at(12), at(1), at(1)]),
        second: statsOf([at(12), at(13), at(14)]),
      },
      { player: { name: 'Bo' }, stats: statsOf([]), first: null, second: null },
    ],
    'yards',
  );
  expect(words).toContain('Ada hit 3 balls; 2 of 3 came out');
  expect(words).toContain('too few balls to be sure');
  expect(words).toContain('No balls were logged for Bo');
});

test('drawn stations can all be read, and differ', () => {
  for (const units of ['yards', 'metres'] as const) {
    const drawn = Array.from({ length: 60 }, (_, seed) => randomStation(seed + 1, units));
    for (const shot of drawn) {
      expect(() => readSituation(situationFor(record, shot))).not.toThrow();
    }
    expect(new Set(drawn.map((shot) => JSON.stringify(shot))).size).toBeGreaterThan(50);
    expect(randomStation(5, units)).toEqual(randomStation(5, units));
  }
});

test('a station is drawn within the limits, the lies that are allowed only', () => {
  const limits = {
    pin: [10, 12],
    lip: [1, 1.2],
    lies: ['plugged', 'fried-egg'],
    sand: 'wet',
  } as const;
  const lies = new Set<unknown>();
  for (let seed = 1; seed <= 40; seed++) {
    const { question } = readSituation(situationFor(record, randomStation(seed, 'metres', limits)));
    const { shot } = question;
    expect(shot.pin).toBeGreaterThanOrEqual(9.5);
    expect(shot.pin).toBeLessThanOrEqual(12.5);
    expect(shot.lip.height).toBeGreaterThanOrEqual(0.95);
    expect(shot.lip.height).toBeLessThanOrEqual(1.25);
    expect(shot.lip.distance).toBeLessThan(shot.edge);
    lies.add(randomStation(seed, 'metres', limits).lie);
  }
  expect([...lies].sort()).toEqual(['fried-egg', 'plugged']);
  expect(() => randomStation(1, 'yards', { ...limits, lies: [] })).toThrow(RangeError);
});
