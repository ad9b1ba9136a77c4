import fc from 'fast-check';
import { aHomework } from '@/core/testing/homework';
import { libraryDrills } from '@/core/tell/drills/libraryWords';
import { mostBalls } from '../drills/load';
import { itemsFrom, itemsText, readHomework } from './plan';
import { drillProgress } from './progress';
import { movedWords } from '@/core/tell/drills/progressWords';
import { readResultLine, readResults } from './result';
import { readResultsCsv } from './resultsCsv';
import { ballsIn, sessionsOf, workOf } from './sessions';

const LIBRARY = libraryDrills();

const drills = new Map(LIBRARY.map((drill) => [drill.id, drill]));
const ID = '11111111-1111-4111-8111-111111111111';
const TODAY = '2026-06-20';

describe('a plan', () => {
  test.each([
    ['begins in the past', { starts_on: '2026-05-31' }, 'starts_on: must not be in the past'],
    ['begins on no day', { starts_on: '2026-02-30' }, 'starts_on'],
    ['has the same day twice', { weekdays: [2, 2] }, 'weekdays[1]: is in the week twice'],
    ['has no drill', { items: [] }, 'items: must be a list of 1 to 12'],
    [
      'has a drill twice',
      { items: [0, 1].map(() => ({ drill: 'line', balls: 5 })) },
      'items[1].drill',
    ],
    ['is in no zone', { zone: 'Mars/Base' }, '"Mars/Base" is not a known time zone'],
    ['takes all day', { minutes: 600 }, 'minutes'],
  ])('that %s is refused by its field', (_, fields, message) => {
    expect(() => readHomework({ ...aHomework(), ...fields }, '2026-06-01')).toRefuse(message);
  });

  test('that stands already may have begun', () => {
    expect(readHomework(aHomework())).toEqual(aHomework());
  });
});

describe('what a session is for', () => {
  test('the first drill comes most often, every drill comes, and nothing is over its time', () => {
    const items = LIBRARY.slice(0, 6).map(({ id }) => ({ drill: id, balls: 10 }));
    const work = workOf({ items, minutes: 20 }, 12, drills, []);
    const times = items.map(
      ({ drill }) => work.filter((session) => session.some((item) => item.drill === drill)).length,
    );
    expect(Math.min(...times)).toBeGreaterThan(0);
    expect(times[0]).toBe(Math.max(...times));
    expect(times[0]).toBeGreaterThan(times.at(-1)!);
    for (const session of work) {
      expect(session.reduce((sum, { balls }) => sum + balls, 0)).toBeLessThanOrEqual(ballsIn(20));
    }
  });

  test('hard drills are kept to what a body takes, and left out where it should be spared', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: LIBRARY.length - 1 }), {
          minLength: 1,
          maxLength: 12,
        }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 10, max: 120 }),
        fc.boolean(),
        (chosen, balls, minutes, sore) => {
          const cautions = sore ? (['wrist'] as const) : [];
          const items = chosen.map((i) => ({ drill: LIBRARY[i]!.id, balls }));
          for (const session of workOf({ items, minutes }, 6, drills, cautions)) {
            for (const load of ['light', 'full', 'buried'] as const) {
              const hit = session
                .filter(({ drill }) => drills.get(drill)!.load === load)
                .reduce((sum, item) => sum + item.balls, 0);
              expect(hit).toBeLessThanOrEqual(mostBalls(load, cautions));
            }
          }
        },
      ),
    );
  });
});

describe('sessions', () => {
  const plan = aHomework();
  const work = workOf(plan, 4, drills, []);
  const days = (missed: 'shift' | 'lapse', done: string[], today: string) =>
    sessionsOf({ ...plan, missed }, work, new Set(done), today).map(
      ({ nth, day, state }) => `${nth} ${day} ${state}`,
    );

  test('stand on the plan’s days of the week', () => {
    expect(days('lapse', [], '2026-06-01')).toEqual([
      '1 2026-06-02 coming',
      '2 2026-06-05 coming',
      '3 2026-06-09 coming',
      '4 2026-06-12 coming',
    ]);
  });

  test('lapse when they were missed', () => {
    expect(days('lapse', ['2026-06-02'], '2026-06-08')).toEqual([
      '1 2026-06-02 done',
      '2 2026-06-05 missed',
      '3 2026-06-09 coming',
      '4 2026-06-12 coming',
    ]);
  });

  test('or move on with all that follow, keeping their numbers', () => {
    expect(days('shift', ['2026-06-02'], '2026-06-08')).toEqual([
      '1 2026-06-02 done',
      '2 2026-06-05 missed',
      '2 2026-06-09 coming',
      '3 2026-06-12 coming',
      '4 2026-06-16 coming',
    ]);
  });

  test('are given up at last where nobody ever comes', () => {
    const years = sessionsOf({ ...plan, missed: 'shift' }, work, new Set(), '2036-01-01');
    expect(years.length).toBeLessThan(70);
    expect(years.at(-1)!.nth).toBe(4);
  });
});

describe('a result as a line', () => {
  test.each([
    ['box 7/10', 'box', 7, 10, ''],
    ['line 8 of 10 ! windy', 'line', 8, 10, 'windy'],
    ['Same depth 9 out of 10', 'same-depth', 9, 10, ''],
    ['swing 6/12', 'swing-ladder', 6, 12, ''],
  ])('%s', (line, drill, count, of, note) => {
    expect(readResultLine(line, LIBRARY)).toEqual({ drill, count, of, note });
  });

  test.each([
    ['box', 'must be a drill and a count'],
    ['box 11/10', '11 of 10: more balls counted than hit'],
    ['spiral 3/5', 'no drill here is called "spiral"'],
    ['ladder 3/5', '"Club ladder" or "Swing ladder"'],
    ['box 0/0', 'must be of 1 to 200 balls'],
  ])('%s is refused', (line, message) => {
    expect(() => readResultLine(line, LIBRARY)).toRefuse(message);
  });
});

test('results are refused by field: more counted than hit, a day to come', () => {
  const result = { id: ID, drill: 'line', day: '2026-06-02', count: 7, of: 10, note: '' };
  expect(readResults({ results: [result] }, TODAY)).toEqual([result]);
  const wrong = [
    { ...result, count: 11 },
    { ...result, day: '2026-06-21' },
  ];
  expect(() => readResults({ results: wrong }, TODAY)).toRefuse(
    /results\[0\].count: must be at most the 10 balls, not 11\s+results\[1\].day: must not be in the future/,
  );
});

test('results come from CSV by name or id, and what is wrong is told by line', () => {
  const read = (text: string) => readResultsCsv(text, LIBRARY, TODAY, () => ID);
  expect(
    read('Day,Drill,Count,Of,Note\n2026-06-02,Line in the sand,7,10,dry\n2026-06-05,box,4,10\n'),
  ).toEqual([
    { id: ID, drill: 'line', day: '2026-06-02', count: 7, of: 10, note: 'dry' },
    { id: ID, drill: 'box', day: '2026-06-05', count: 4, of: 10, note: '' },
  ]);
  expect(() => read('day,drill,count\n2026-06-02,box,7')).toRefuse(
    'columns: must have of in the first line',
  );
  expect(() => read('day,drill,count,of\n2026-06-02,hoop,7,10\n2026-13-02,box,many,10')).toRefuse(
    /line 2.drill: no drill is called "hoop".*|line 3.day/,
  );
});

describe('progress', () => {
  const on = (day: string, count: number, of = 20) => ({
    id: ID,
    drill: 'line',
    day,
    count,
    of,
    note: '',
  });

  test('joins what was hit on one day, and says how far it has come over the days', () => {
    const [line] = drillProgress([
      on('2026-06-09', 18),
      on('2026-06-02', 3, 10),
      on('2026-06-02', 4, 10),
      on('2026-06-12', 17),
      on('2026-06-05', 8),
      on('2026-06-06', 6),
      on('2026-06-15', 19),
      on('2026-06-16', 18),
      on('2026-06-18', 19),
      on('2026-06-19', 20),
    ]);
    expect(line!.days.map(({ day, share }) => [day, share.count])).toEqual([
      ['2026-06-02', 7],
      ['2026-06-05', 8],
      ['2026-06-06', 6],
      ['2026-06-09', 18],
      ['2026-06-12', 17],
      ['2026-06-15', 19],
      ['2026-06-16', 18],
      ['2026-06-18', 19],
      ['2026-06-19', 20],
    ]);
    expect(line!.all).toMatchObject({ count: 132, of: 180 });
    expect(movedWords(line!.moved!)).toMatch(/^Better than at the start/);
  });

  test('says nothing of three days, and no change where the days show none', () => {
    const three = [on('2026-06-02', 2), on('2026-06-05', 19), on('2026-06-07', 19)];
    expect(drillProgress(three)[0]!.moved).toBeNull();
    const [line] = drillProgress([...three, on('2026-06-08', 12)]);
    expect(movedWords(line!.moved!)).toBe('No clear change yet.');
    expect(movedWords({ by: -0.4, low: -0.6, high: -0.1 })).toMatch(/^Not as good/);
  });
});

test('drills of a plan go through an address; what no plan may hold does not', () => {
  const items = [
    { drill: 'line', balls: 24, sets: 3 },
    { drill: 'box', balls: 10 },
  ];
  expect(itemsText(items)).toBe('line.24.3,box.10');
  expect(itemsFrom(itemsText(items))).toEqual(items);
  expect(itemsFrom('line.0,box.61,line.x,Line.8,line.8.9,,line.8,line.9')).toEqual([
    { drill: 'line', balls: 8 },
  ]);
  expect(itemsFrom('')).toEqual([]);
});

test('sets of a plan stay whole sets in its sessions', () => {
  const items = [{ drill: 'line', balls: 24, sets: 3 }];
  const balls = (minutes: number) => workOf({ items, minutes }, 1, drills, [])[0];
  expect(balls(30)).toEqual(items);
  expect(balls(16)).toEqual([{ drill: 'line', balls: 16, sets: 2 }]);
  expect(balls(12)).toEqual([{ drill: 'line', balls: 8 }]);
});
