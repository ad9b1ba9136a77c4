import { samplerOf } from '@/core/ground/numeric/sampling';
import { withLearnt } from '@/core/model/golfer/golferOf';
import type { Golfer } from '@/core/model/golfer/golfer';
import { playAsMeant } from '@/core/model/shot/play';
import { seenBall } from '@/core/model/shot/seen';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { prescribe } from '@/core/search/calls/prescribe';
import { aPlayer, aShot } from '@/core/testing/fixtures';
import {
  AS_THE_SKILL,
  AS_USUAL,
  CLEAN,
  golferWith,
  knownPlayer,
  loggedBy,
  skilled,
  twoHits,
  type Known,
} from '@/core/testing/otherPlayers';
import type { LoggedBall } from '../peers/recorded';
import type { Estimate } from './estimate';
import { learn, type Learning } from './learn';
import { learnWords } from '@/core/tell/lessons/learnedWords';

const golfer = skilled('middle');
const hits = twoHits(golfer);
const [first] = hits;

/** Everything that is learnt beside what is known. */
function against(learning: Learning, known: Known): [name: string, Estimate, truth: number][] {
  const { mark, distance, direction } = learning;
  return [
    ['mark', mark.after.bias, known.mark],
    ['spread of marks', mark.after.spread, known.markScale * mark.before.spread],
    ['distance', distance.after.bias, known.distance],
    ['spread of speed', distance.after.spread, known.distanceScale * distance.before.spread],
    ['direction', direction.after.bias, known.aim],
    ['spread of aim', direction.after.spread, known.aimScale * direction.before.spread],
  ];
}

const learnFrom = (known: Known, count: number, seed: number, blemishes = AS_USUAL): Learning =>
  learn(loggedBy(golferWith(golfer, known), hits, count, seed, blemishes), golfer, seed);

test('players made otherwise than its own are found again within the interval at the stated rate', () => {
  const held = [10, 36].flatMap((count) =>
    Array.from({ length: 10 }, (_, k) => {
      const known = knownPlayer(100 * count + k);
      return against(learnFrom(known, count, k + 1), known);
    }),
  );
  const share = (name: string | null): number => {
    const all = held.flat().filter(([each]) => name === null || each === name);
    return (
      all.filter(([, { low, high }, truth]) => low <= truth && truth <= high).length / all.length
    );
  };
  // Nine in ten is what is said; the bench tries four times as many players of three skills.
  expect(share(null)).toBeGreaterThan(0.83);
  expect(share(null)).toBeLessThan(0.97);
  for (const [name] of held[0]!) expect(share(name)).toBeGreaterThan(0.6);
});

test('many clean balls find what was put in, and say it closely', () => {
  const known = { ...AS_THE_SKILL, mark: 0.012, distance: -0.2, aim: 0.06 };
  const few = learnFrom(known, 12, 3, CLEAN);
  const many = learnFrom(known, 120, 3, CLEAN);
  expect(Math.abs(many.mark.after.bias.mean - known.mark)).toBeLessThan(0.004);
  expect(Math.abs(many.distance.after.bias.mean - known.distance)).toBeLessThan(0.07);
  expect(Math.abs(many.direction.after.bias.mean - known.aim)).toBeLessThan(0.015);
  const width = ({ low, high }: Estimate): number => high - low;
  expect(width(many.mark.after.bias)).toBeLessThan(0.6 * width(few.mark.after.bias));
});

test('who is exactly as the skill says is not told to be shorter', () => {
  const beginner = skilled('beginner');
  const calls = twoHits(beginner);
  const told = Array.from({ length: 12 }, (_, k) => {
    const balls = loggedBy(beginner, calls, 20, 70 + k, AS_USUAL);
    const { low, high } = learn(balls, beginner, k).distance.after.bias;
    return low > 0 || high < 0;
  });
  expect(told.filter(Boolean).length).toBeLessThanOrEqual(4);
});

test('a player who has changed is learnt from what came since, and that is said', () => {
  const before = golferWith(golfer, { ...AS_THE_SKILL, mark: 0.05 });
  const balls = [...loggedBy(before, hits, 30, 5, CLEAN), ...loggedBy(golfer, hits, 30, 6, CLEAN)];
  const learning = learn(balls, golfer, 1);
  expect(learning.changed).toMatchObject({ what: 'mark' });
  expect(Math.abs(learning.changed!.after - 30)).toBeLessThanOrEqual(12);
  expect(learning.mark.after.bias.low).toBeLessThan(0);
  expect(learnWords(learning, 'yards')[0]).toMatch(
    /^Something changed after ball \d+, most of all the entry point/,
  );
});

test('no balls leave everything as the skill says; wild and missing values do no harm', () => {
  const none = learn([], golfer, 1);
  expect(none.balls).toBe(0);
  expect(none.factors.mark_scale).toBeGreaterThan(0.9);
  expect(none.factors.mark_scale).toBeLessThan(1.15);
  expect(Math.abs(none.factors.distance - 1)).toBeLessThan(0.04);
  const some = loggedBy(golfer, hits, 20, 3, CLEAN);
  const wild: LoggedBall[] = [
    ...some,
    { ...first!, carry: 0.1, x: 0.1, y: 0 },
    { ...first!, carry: 60, x: 70, y: 2 },
    { ...first! },
  ];
  const shift = learn(wild, golfer, 1).factors.distance - learn(some, golfer, 1).factors.distance;
  expect(Math.abs(shift)).toBeLessThan(0.08);
});

test('a side that nobody wrote down is missing, not dead straight', () => {
  const known = { ...AS_THE_SKILL, aim: 0.09 };
  const { direction } = learnFrom(known, 40, 4, { ...CLEAN, noSide: 0.5 });
  expect(direction.balls).toBeLessThan(30);
  expect(Math.abs(direction.after.bias.mean - known.aim)).toBeLessThan(0.025);
});

test('a sand that takes more than the others does not make the player shorter in them', () => {
  const heavy = golferWith(golfer, { ...AS_THE_SKILL, distance: -0.3 });
  const balls = [
    ...loggedBy(golfer, hits, 40, 8, CLEAN).map((ball) => ({ ...ball, sand: 'medium' as const })),
    ...loggedBy(heavy, hits, 20, 9, CLEAN).map((ball) => ({ ...ball, sand: 'soft' as const })),
  ];
  const { normal } = samplerOf(2);
  balls.sort(() => normal(0, 1));
  const { sands } = learn(balls, golfer, 1).distance;
  const offset = (name: string): number => sands.find(({ sand }) => sand === name)!.offset.mean;
  expect(offset('soft')).toBeLessThan(offset('medium') - 0.05);
});

test('what was learnt goes into the golfer, and nothing learnt changes nothing', () => {
  expect(withLearnt(golfer, undefined)).toBe(golfer);
  const { setup, shot } = first!;
  const learnt = golferWith(golfer, { ...AS_THE_SKILL, mark: 0.01, distance: 0.1 });
  expect(learnt.headSpeed).toBe(golfer.headSpeed);
  const carry = (who: Golfer): number => seenBall(setup, 0, who, shot, AS_MEANT).carry;
  expect(carry(learnt) / carry(golfer)).toBeGreaterThan(1.05);
  expect(learnt.habits.bias.mark).toBeCloseTo(0.01, 9);
});

test('a call aims off against where the balls are known to start', () => {
  const shot = aShot(15, 1.5);
  const learnt = {
    version: 1,
    balls: 40,
    mark_bias_mm: 0,
    mark_scale: 1,
    distance: 1,
    distance_scale: 1,
    aim_bias_deg: 6,
    aim_scale: 1,
    clubs: [],
  };
  const player = { ...aPlayer('middle'), learnt };
  const { calls, golfer: own } = prescribe({ player, shot, seed: 1 });
  const [call] = calls;
  const { y } = playAsMeant(call!.setup, own, shot, call!.aim);
  expect(Math.abs(y)).toBeLessThan(0.2);
  expect(seenBall(call!.setup, call!.aim, own, shot, AS_MEANT).y).toBeLessThan(-1);
});
