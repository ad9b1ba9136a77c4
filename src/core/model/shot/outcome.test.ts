import { readTable, PUTTS_BY_FEET, ROUGH_BY_YARDS } from '../strokes/tables';
import { groundBeyond, SHORT_GAME, strokesFrom, strokesToHoleOut } from '../strokes/holeOut';
import { SKILLS, type Skill } from '@/core/ground/player/player';
import { SURFACES } from '@/core/ground/situation/green';
import { aShot } from '@/core/testing/fixtures';
import { toMetres } from '@/core/ground/units/length';
import type { Finish } from '../flight/finish';
import { outcomeOf } from './outcome';
import type { Shot } from '@/core/ground/situation/shot';

/** A ball that landed and stopped somewhere, well over the lip unless said otherwise. */
const ball = (xYd: number, change: Partial<Finish> = {}): Finish => {
  const x = toMetres(xYd, 'yd');
  return {
    carry: x,
    x,
    y: 0,
    apex: 4,
    lipClearance: 1,
    landing: { t: 1, x, y: 0, z: 1, vx: 5, vy: 0, vz: -8 },
    ...change,
  };
};

const shot = aShot(18, 3);
const strokes = (finish: Finish, where: Shot = shot): number =>
  outcomeOf(finish, where, 'middle').strokes;

test('published strokes are read from the tables', () => {
  expect(readTable(PUTTS_BY_FEET, 8)).toBe(1.5);
  expect(readTable(PUTTS_BY_FEET, 9)).toBeCloseTo(1.555, 9);
  expect(readTable(ROUGH_BY_YARDS, 1e4)).toBe(3.42);
  expect(strokesToHoleOut('sand', toMetres(20, 'yd'), 'expert')).toBeCloseTo(2.53, 9);
});

test('an expert putts as published; others miss short ones and three-putt long ones as amateurs do', () => {
  const putts = (feet: number, skill: Skill): number =>
    strokesToHoleOut('green', toMetres(feet, 'ft'), skill);
  for (const [feet, published] of PUTTS_BY_FEET) {
    expect(putts(feet, 'expert')).toBeCloseTo(published, 9);
  }
  // Who goes round in 90 holes nine of ten from three feet, half from five; from 30 feet two putts are not the rule.
  expect(putts(3, 'middle')).toBeCloseTo(1.11, 2);
  expect(putts(5, 'middle')).toBeGreaterThan(1.42);
  expect(putts(5, 'middle')).toBeLessThan(1.53);
  expect(putts(30, 'middle')).toBeGreaterThan(2.1);
});

test('further away and less skill never cost less, on any surface', () => {
  for (const surface of SURFACES) {
    for (const skill of SKILLS) {
      const rise = [1, 5, 15, 30].map((m) => strokesToHoleOut(surface, m, skill));
      expect([...rise].sort((a, b) => a - b)).toEqual(rise);
    }
    const bySkill = SKILLS.map((skill) => strokesToHoleOut(surface, 10, skill));
    expect([...bySkill].sort((a, b) => a - b)).toEqual(bySkill);
  }
});

test('near the hole is best, short and past cost more', () => {
  expect(strokes(ball(18))).toBeLessThan(strokes(ball(14)));
  expect(strokes(ball(18))).toBeLessThan(strokes(ball(24)));
  expect(strokes(ball(14))).toBeLessThan(strokes(ball(7)));
});

test('the lip catches a ball below its edge, and not one above', () => {
  const over = outcomeOf(ball(18, { lipClearance: 0.3 }), shot, 'middle');
  const into = outcomeOf(ball(18, { lipClearance: -0.3 }), shot, 'middle');
  expect(over.out).toBeGreaterThan(0.99);
  expect(into.lip).toBeGreaterThan(0.99);
  expect(into.strokes).toBeGreaterThan(over.strokes + 0.8);
});

test('the edge of the lip is soft: half out at the edge itself', () => {
  expect(outcomeOf(ball(18, { lipClearance: 0 }), shot, 'middle').out).toBeCloseTo(0.5, 1);
});

test('a ball that comes down before the lip stays in', () => {
  const short = outcomeOf(ball(1, { lipClearance: -Infinity }), shot, 'middle');
  expect(short.out).toBeLessThan(0.01);
  expect(short.green).toBeLessThan(0.01);
});

test('what lies past the green is paid for in its own coin', () => {
  const far = ball(36);
  const costs = (['fringe', 'rough', 'water', 'out-of-bounds'] as const).map((beyond) =>
    strokes(far, { ...shot, beyond }),
  );
  expect([...costs].sort((a, b) => a - b)).toEqual(costs);
  expect(strokesFrom(groundBeyond('water', 3), 10, SHORT_GAME.middle)).toBeCloseTo(
    1 + strokesToHoleOut('rough', 10, 'middle'),
    9,
  );
  expect(strokesFrom(groundBeyond('out-of-bounds', 3.2), 10, SHORT_GAME.middle)).toBeCloseTo(
    4.2,
    9,
  );
});

test('a carry that is not made costs a penalty stroke', () => {
  const clear = toMetres(15, 'yd');
  expect(strokes(ball(14), { ...shot, clear })).toBeGreaterThan(strokes(ball(14)) + 0.7);
  expect(strokes(ball(18), { ...shot, clear })).toBeCloseTo(strokes(ball(18)), 1);
});

test('a bound on what a ball left in costs is kept to', () => {
  const left = ball(1, { lipClearance: -Infinity });
  expect(strokes(left, { ...shot, leftIn: 2.5 })).toBeCloseTo(3.5, 1);
});

test('a way out elsewhere is played on from where it stops', () => {
  const away = { ...shot, away: { holeX: 0, holeY: shot.pin, ground: 'rough' as const } };
  const { green, strokes: cost } = outcomeOf(ball(8), away, 'middle');
  expect(green).toBe(0);
  const toHole = Math.hypot(toMetres(8, 'yd'), shot.pin);
  expect(cost).toBeCloseTo(1 + strokesToHoleOut('rough', toHole, 'middle'), 1);
});
