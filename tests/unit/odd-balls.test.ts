import { sayFact } from '@/core/tell/facts/sayFact';
import { toMetres } from '@/core/ground/units/length';
import { oddNumbers } from '@/core/testing/oddNumbers';
import fc from 'fast-check';
import { check, FaultyInput } from '@/core/contract/check/fault';
import { learntSchema } from '@/core/contract/shot/player';
import { CAUSES, NOTHING, SIGNS } from '@/core/lesson/faults/causes';
import type { Hit } from '@/core/model/shot/hit';
import { findFault } from '@/core/lesson/faults/find';
import { looksFor } from '@/core/lesson/faults/looks';
import { learn } from '@/core/lesson/learning/learn';
import type { LoggedBall } from '@/core/lesson/peers/recorded';
import { learnWords } from '@/core/tell/lessons/learnedWords';
import { readBallChange, readBalls, STRIKES, type NewBall } from '@/core/lesson/balls/ball';
import { readBallTexts, EMPTY_BALL } from '@/core/tell/lessons/ballForm';
import { readBallText } from '@/core/lesson/balls/ballText';
import { ballsCsv, readLessonFile, type LessonFile } from '@/core/lesson/exchange/exchange';
import { statsOf } from '@/core/lesson/review/stats';
import { timetable } from '@/core/lesson/plan/timetable';
import { plainGolferOf } from '@/core/model/golfer/golferOf';
import { aimFor } from '@/core/model/shot/play';
import { A_CALL } from '@/core/testing/balls';
import { aPlayer, aShot, aSplash, CLUB_56 } from '@/core/testing/fixtures';
import { readTrackedBall } from '@/core/lesson/tracker/trackedBall';

/* Balls as careless hands, odd devices and old files send them. */

/** What a reader makes of an input; null when it names what is wrong. Anything else fails the test. */
function read<T>(reader: () => T): T | null {
  try {
    return reader();
  } catch (error) {
    if (
      error instanceof FaultyInput &&
      error.faults.every(({ message }) => sayFact(message) !== '')
    ) {
      return null;
    }
    throw error;
  }
}

const within = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined });
const UNITS = fc.constantFrom('yards' as const, 'metres' as const);

const seen = fc.record(
  {
    entry_m: within(-0.3, 0.6),
    along_m: within(-30, 260),
    right_m: within(-120, 120),
    carry_m: within(0, 260),
    strike: fc.constantFrom(...STRIKES),
    divot_depth_m: within(0, 0.2),
    note: fc.string({ unit: 'grapheme', maxLength: 60 }).filter((text) => !/\p{Cc}/u.test(text)),
  },
  { requiredKeys: [] },
);

const newBall: fc.Arbitrary<NewBall> = fc
  .tuple(fc.uuid(), fc.constantFrom('ada', 'bo'), fc.nat(1), seen)
  .map(([id, player, station, fields]) => ({
    id,
    player,
    station,
    call: A_CALL,
    source: 'hand' as const,
    hit_at: '2026-05-02T10:00:00Z',
    ...fields,
  }));

const A_TIME = { id: '11111111-1111-4111-8111-111111111111', hit_at: '2026-05-02T10:00:00Z' };

describe('readers', () => {
  test('a typed line gives a ball that can be saved, or says what is wrong', () => {
    const word = fc.oneof(
      fc.constantFrom('thin', 'FAT', 'ok', 'r3', 'c12', 'e1.5', 'L2', 'R', '-', 'e--1', 'c1e9'),
      fc.tuple(fc.constantFrom(...'ecrsdwhLRl'), within(-1e6, 1e6)).map(([l, n]) => `${l}${n}`),
      fc.string({ maxLength: 6 }),
    );
    // Half of the lines are such as a coach might mean, or hardly any would be taken.
    const meant = fc.constantFrom('thin', 'ok', 'c12', 'e1.5', 'L2');
    const line = fc.oneof(fc.array(meant, { maxLength: 2 }), fc.array(word, { maxLength: 6 }));
    let taken = 0;
    fc.assert(
      fc.property(line, UNITS, (words, units) => {
        const ball = read(() => readBallText(words.join(' '), units));
        if (!ball) return;
        taken += 1;
        expect(readBallChange(ball)).toEqual(ball);
      }),
    );
    expect(taken).toBeGreaterThan(0);
  });

  test('a form gives a ball that can be saved, or says what is wrong', () => {
    const texts = fc.record({
      entry_m: fc.oneof(fc.constant(''), within(-1e3, 1e3).map(String), fc.string()),
      carry_m: fc.oneof(fc.constant(''), within(-1e3, 1e3).map(String), fc.string()),
      note: fc.string({ maxLength: 700 }),
    });
    let taken = 0;
    fc.assert(
      fc.property(texts, UNITS, (some, units) => {
        const ball = read(() => readBallTexts({ ...EMPTY_BALL, ...some }, units));
        if (!ball) return;
        taken += 1;
        expect(readBallChange(ball)).toEqual(ball);
      }),
    );
    expect(taken).toBeGreaterThan(0);
  });

  test('whatever a device sends is a ball or a list of faults', () => {
    const line = { format: 'mellow-divot/tracked-ball', version: 1, ...A_TIME, carry_yd: 12 };
    expect(readTrackedBall(line)).toMatchObject({ carry_m: toMetres(12, 'yd') });
    fc.assert(
      fc.property(newBall, (ball) => {
        const { carry_m = 0, along_m = Infinity, right_m = 0, strike } = ball;
        // What no ball can do is refused, which is tried elsewhere.
        fc.pre(strike === 'lip' || Math.hypot(along_m, right_m) >= carry_m - 15);
        expect(readBalls({ balls: [ball] })).toEqual([ball]);
      }),
    );
    fc.assert(fc.property(fc.anything(), (input) => void read(() => readTrackedBall(input))));
    fc.assert(
      fc.property(fc.anything(), (input) => void read(() => readBalls({ balls: [input] }))),
    );
    fc.assert(fc.property(fc.anything(), (input) => void read(() => readLessonFile(input))));
  });

  test('a lesson that goes out comes back as it was', () => {
    const plan = {
      held_on: '2026-05-02',
      place: 'B',
      weather: '',
      players: ['ada', 'bo'],
      stations: [
        { name: '=1+1', shot: { pin_yd: 15 }, line: 0 },
        { name: '@x', shot: { pin_yd: 20 }, line: 1 },
      ],
      balls_per_station: 5,
      minutes_per_turn: 5,
      notes: 'a\nb',
    };
    fc.assert(
      fc.property(fc.array(newBall, { maxLength: 12 }), (balls) => {
        const file: LessonFile = {
          format: 'mellow-divot/lesson',
          version: 1,
          id: '11111111-1111-4111-8111-111111111111',
          plan,
          summary: '',
          homework: '',
          closed: false,
          balls,
        };
        expect(readLessonFile(JSON.parse(JSON.stringify(file)))).toEqual(
          JSON.parse(JSON.stringify(file)),
        );
        const csv = ballsCsv(file, { ada: '=cmd()', bo: 'Bo' }, 'yards');
        for (const cell of csv.split(/[\r\n,]+/)) expect(cell).not.toMatch(/^[=@]/);
      }),
    );
  });
});

test('a timetable sends everybody everywhere once and nobody across another', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 8 }),
      fc.array(fc.nat(3), { minLength: 1, maxLength: 12 }),
      (players, lines) => {
        const turns = timetable(players, lines, 10);
        for (let player = 0; player < players; player++) {
          const visited = turns.flatMap(({ places }) => places[player] ?? []).sort((a, b) => a - b);
          expect(visited).toEqual([...lines.keys()]);
        }
        for (const { places } of turns) {
          const used = places.flatMap((place) => (place === null ? [] : [lines[place]!]));
          expect(new Set(used).size).toBe(used.length);
        }
      },
    ),
    { numRuns: 60 },
  );
});

test('any balls have statistics without NaN, shares within their intervals', () => {
  fc.assert(
    fc.property(fc.array(seen, { maxLength: 30 }), (balls) => {
      const stats = statsOf(
        balls.map((ball) => ({ ...ball, entryMeant: 0.04, carryMeant: 12, pin: 15, lip: 3 })),
      );
      expect(oddNumbers(stats)).toEqual([]);
      for (const { share, low, high } of [stats.out, stats.thin]) {
        expect(low).toBeLessThanOrEqual(share + 1e-12);
        expect(high).toBeGreaterThanOrEqual(share - 1e-12);
      }
    }),
  );
});

const golfer = plainGolferOf(aPlayer('middle'));
const shot = aShot(15, 2);
const setup = aSplash(CLUB_56, 20, 0.04, 0.75);
const hit: Hit = { setup, aim: aimFor(setup, golfer, shot), shot };

/** Balls with anything or nothing seen of them. */
const logged: fc.Arbitrary<LoggedBall> = fc
  .record({
    entry: maybe(within(-0.3, 0.6)),
    carry: maybe(within(0, 260)),
    x: maybe(within(-30, 260)),
    y: maybe(within(-120, 120)),
    strike: maybe(fc.constantFrom(...STRIKES)),
  })
  .map(({ entry, carry, x, y, strike }) => ({
    ...hit,
    ...(strike === undefined ? {} : { strike }),
    ...(entry === undefined ? {} : { entry }),
    ...(carry === undefined ? {} : { carry }),
    ...(x === undefined ? {} : { x }),
    ...(y === undefined ? {} : { y }),
  }));

test('learning from any balls gives finite numbers that a situation can carry, and says them', () => {
  fc.assert(
    fc.property(fc.array(logged, { maxLength: 12 }), (balls) => {
      const learning = learn(balls, golfer, 1);
      const factors = { version: 1, ...learning.factors };
      expect(oddNumbers(learning)).toEqual([]);
      expect(check(learntSchema, factors)).toEqual(factors);
      expect(learnWords(learning, 'metres').join(' ')).not.toMatch(/NaN|Infinity|undefined/);
    }),
    { numRuns: 12 },
  );
});

test.each([{ carry: 250 }, { carry: 0.6 }, { entry: 0.6 }, { entry: -0.3 }, { x: 1, y: 120 }])(
  'three hundred balls of %j teach nothing that nobody can do',
  (fields) => {
    const balls = Array.from({ length: 300 }, () => ({ ...hit, ...fields }));
    const factors = { version: 1, ...learn(balls, golfer, 1).factors };
    expect(check(learntSchema, factors)).toEqual(factors);
  },
);

test('any balls and ticks give chances in order, which add up to one with two at once counted twice', () => {
  const ticks = fc.dictionary(fc.constantFrom(...SIGNS.map(({ id }) => id)), fc.boolean());
  fc.assert(
    fc.property(fc.array(logged, { maxLength: 12 }), ticks, (balls, ticked) => {
      const { suspects } = findFault(looksFor(balls, golfer, false, 1), ticked);
      expect(suspects).toHaveLength(CAUSES.length + 2);
      expect(suspects.map(({ cause }) => cause.id)).toContain(NOTHING.id);
      const sum = suspects.reduce((all, { chance }) => all + chance, 0);
      expect(sum).toBeGreaterThan(1 - 1e-9);
      expect(sum).toBeLessThan(2 + 1e-9);
      suspects.forEach(({ chance, evidence }, i) => {
        expect(chance).toBeGreaterThanOrEqual(suspects[i + 1]?.chance ?? 0);
        for (const { weight } of evidence) expect(Number.isFinite(weight)).toBe(true);
      });
    }),
    { numRuns: 15 },
  );
});
