import fc from 'fast-check';
import { A_CALL, aBall } from '@/core/testing/balls';
import { FaultyInput } from '@/core/contract/check/fault';
import { readBallChange, readBalls } from '../balls/ball';
import { readBallText } from '../balls/ballText';
import { readLessonPlan } from '../plan/lesson';
import { shareOf, statsOf, type StatBall } from './stats';
import { timetable } from '../plan/timetable';

describe('a ball as it is typed', () => {
  test('"e1.5 c12 r3 L2 thin" in yards and inches', () => {
    const ball = readBallText('e1.5 c12 r3 L2 thin', 'yards');
    expect(ball.entry_m).toBeCloseTo(0.0381, 9);
    expect(ball.carry_m).toBeCloseTo(12 * 0.9144, 9);
    expect(ball.along_m).toBeCloseTo(15 * 0.9144, 9);
    expect(ball.right_m).toBeCloseTo(-2 * 0.9144, 9);
    expect(ball.strike).toBe('thin');
  });

  test('metres, minus for ball first, depth and note', () => {
    expect(readBallText('e-1 s14,5 R1 d18 fat ! better rhythm', 'metres')).toEqual({
      entry_m: -0.01,
      along_m: 14.5,
      right_m: 1,
      divot_depth_m: expect.closeTo(0.018, 12),
      strike: 'heavy',
      note: 'better rhythm',
    });
  });

  test.each([
    ['e1 x9', /"x9" is not understood/],
    ['r3', /needs a carry/],
    ['', /nothing was entered/],
  ])('%p is refused', (text, message) => {
    expect(() => readBallText(text, 'yards')).toThrow(FaultyInput);
    expect(() => readBallText(text, 'yards')).toRefuse(message);
  });
});

describe('the timetable', () => {
  test('every player visits every station once, nobody crosses a line, for any group', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 8 }),
        fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 1, maxLength: 6 }),
        (players, lines) => {
          const turns = timetable(players, lines, 5);
          const visits = Array.from({ length: players }, () => new Array(lines.length).fill(0));
          let resting = false;
          for (const { places } of turns) {
            const used = places.filter((place) => place !== null).map((place) => lines[place]!);
            if (new Set(used).size !== used.length) return false;
            if (used.length === 0 && resting) return false;
            resting = used.length === 0;
            places.forEach((place, p) => place !== null && visits[p]![place]++);
          }
          return visits.every((stations) => stations.every((count) => count === 1));
        },
      ),
      { numRuns: 200 },
    );
  });

  test('two players rest in turn at stations that cross; turns start on time', () => {
    const turns = timetable(2, [1, 1], 8);
    expect(turns.map(({ start }) => start)).toEqual([0, 8, 16, 24]);
    for (const { places } of turns)
      expect(places.filter((place) => place === null)).toHaveLength(1);
  });

  test('nobody hits three turns in a row', () => {
    const turns = timetable(3, [0, 1, 2, 3], 5);
    for (let p = 0; p < 3; p++) {
      let row = 0;
      turns.forEach(({ places }) => {
        row = places[p] === null ? 0 : row + 1;
        expect(row).toBeLessThanOrEqual(2);
      });
    }
  });

  test('without players or stations there is none', () => {
    expect(() => timetable(0, [1], 5)).toThrow(RangeError);
    expect(() => timetable(2, [], 5)).toThrow(RangeError);
  });
});

describe('what balls come to', () => {
  const ball = (fields: Partial<StatBall>): StatBall => ({
    entryMeant: 0.04,
    carryMeant: 12,
    pin: 15,
    lip: 3,
    ...fields,
  });

  test('a share of none and of all still has an interval', () => {
    expect(shareOf(0, 10)).toMatchObject({ share: 0, low: 0 });
    expect(shareOf(0, 10).high).toBeGreaterThan(0.2);
    expect(shareOf(10, 10).low).toBeLessThan(0.8);
    expect(shareOf(0, 0)).toMatchObject({ low: 0, high: 1 });
  });

  test('out, bias and ratio are counted from what is known; excluded balls do not count', () => {
    const stats = statsOf([
      ball({ along_m: 16, right_m: 1, carry_m: 12, entry_m: 0.05 }),
      ball({ along_m: 14, right_m: -1, carry_m: 11, entry_m: 0.045 }),
      ball({ along_m: 1, right_m: 0, carry_m: 1, entry_m: 0.09 }),
      ball({ strike: 'lip' }),
      ball({ along_m: 90, excluded: 'stone' }),
      ball({ entry_m: 0.03 }),
    ]);
    expect(stats.balls).toBe(5);
    expect(stats.out).toMatchObject({ count: 2, of: 4 });
    expect(stats.entry!.of).toBe(4);
    expect(stats.carry!.ratio).toBeCloseTo(11 / 12, 9);
    expect(stats.finish!.right).toBeCloseTo(0, 9);
  });

  test('too few balls give no spread', () => {
    expect(statsOf([ball({ entry_m: 0.05 })])).toMatchObject({
      entry: null,
      carry: null,
      finish: null,
    });
  });
});

const sent = aBall(1);

test.each([
  [{ carry_m: 900 }, /balls\[0\]\.carry_m: must be a number from 0 to 260 m, not 900/],
  [{ entry_m: 4 }, /balls\[0\]\.entry_m/],
  [{ id: 'x' }, /balls\[0\]\.id/],
  [{ hit_at: 'yesterday' }, /hit_at: must be a time/],
  [{ strike: 'topped' }, /strike: must be one of good/],
  [{ call: { ...A_CALL, school: 'no-such' } }, /call\.school/],
])('a ball with %j is refused by name', (change, message) => {
  expect(readBalls({ balls: [sent] })).toHaveLength(1);
  expect(() => readBalls({ balls: [{ ...sent, ...change }] })).toRefuse(message);
  expect(() => readBallChange({ carry_m: -1 })).toRefuse(/carry_m/);
});

const plan = {
  held_on: '2026-05-02',
  place: 'Practice bunker',
  weather: 'dry, light wind',
  players: ['ada', 'bo'],
  stations: [{ name: 'High lip', shot: { pin_yd: 15 }, line: 1 }],
  balls_per_station: 8,
  minutes_per_turn: 10,
  notes: '',
};

test.each([
  [{ held_on: '2026-02-30' }, /held_on: must be a day as YYYY-MM-DD/],
  [{ players: ['ada', 'ada'] }, /players\[1\]: is in the lesson twice/],
  [{ players: [] }, /players: must be a list of 1 to 8/],
  [{ stations: [{ name: 'x', shot: { pin_yd: 900 }, line: 1 }] }, /stations\[0\]\.shot\.pin_yd/],
  [{ balls_per_station: 0 }, /balls_per_station/],
])('a plan with %j is refused by name', (change, message) => {
  expect(readLessonPlan(plan)).toEqual(plan);
  expect(() => readLessonPlan({ ...plan, ...change })).toRefuse(message);
});
