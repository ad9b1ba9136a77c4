import { seenBall } from '@/core/model/shot/seen';
import { samplerOf } from '@/core/ground/numeric/sampling';
import { plainGolferOf, withLearnt } from '@/core/model/golfer/golferOf';
import { aimFor } from '@/core/model/shot/play';
import type { Golfer } from '@/core/model/golfer/golfer';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { sampleSwings } from '@/core/model/spread/swings';
import { aPlayer, aShot, aSplash, CLUB_52, CLUB_56 } from '@/core/testing/fixtures';
import { learn, type LoggedBall } from './learn';

const golfer = plainGolferOf(aPlayer('middle'));
const shot = aShot(15, 1.5);
const SETUPS = [aSplash(CLUB_56, 20, 0.04, 0.72), aSplash(CLUB_52, 15, 0.04, 0.6)].map((setup) => ({
  setup,
  aim: aimFor(setup, golfer, shot),
}));

/** A player who differs from the skill in ways that are known. */
function truth(seed: number) {
  const { normal } = samplerOf(seed);
  return {
    mark: normal(0, 0.008),
    distance: normal(0, 0.12),
    aim: normal(0, 0.03),
    scale: Math.exp(normal(0, 0.15)),
  };
}

type Truth = ReturnType<typeof truth>;

const playerOf = ({ mark, distance, aim, scale }: Truth): Golfer => ({
  ...golfer,
  sandSpeed: Math.exp(distance / 1.75),
  habits: {
    ...golfer.habits,
    mark: golfer.habits.mark * scale,
    height: golfer.habits.height * scale,
    bias: { mark, height: 0, aim },
  },
});

/** Balls of a player, with the call's clubs in turn. */
function balls(own: Golfer, count: number, seed: number): LoggedBall[] {
  return sampleSwings(own.habits, 1024, seed)
    .slice(0, count)
    .map((swing, i) => {
      const { setup, aim } = SETUPS[i % SETUPS.length]!;
      const error = { ...AS_MEANT };
      const seen = seenBall(setup, aim, own, shot, madeWith(swing, footingOf(setup, shot), error));
      return { setup, aim, shot, ...seen, mishit: seen.thin };
    });
}

/** Chance of at most so many of n, each with chance p. */
function chanceOfAtMost(count: number, n: number, p: number): number {
  let term = (1 - p) ** n;
  let sum = 0;
  for (let k = 0; k <= count; k++) {
    sum += term;
    term *= ((n - k) / (k + 1)) * (p / (1 - p));
  }
  return sum;
}

test('players with known differences are found again within the stated interval at the stated rate', () => {
  const players = 40;
  const inside = { mark: 0, distance: 0, direction: 0, spread: 0 };
  for (let k = 0; k < players; k++) {
    const known = truth(100 + k);
    const own = playerOf(known);
    const { mark, distance, direction } = learn(balls(own, 30, 7 * k + 1), golfer, k);
    // What a very long look at the same player says, by the same measure.
    const long = learn(balls(own, 400, 5000 + k), golfer, k);
    const holds = ({ low, high }: { low: number; high: number }, value: number): number =>
      Number(value >= low && value <= high);
    inside.mark += holds(mark.after.bias, long.mark.after.bias.mean);
    inside.distance += holds(distance.after.bias, long.distance.after.bias.mean);
    inside.direction += holds(direction.after.bias, long.direction.after.bias.mean);
    inside.spread += holds(mark.after.spread, long.mark.after.spread.mean);
  }
  // Nine in ten is what is said; so few players tell it within what chance leaves once in a hundred to either side.
  for (const count of Object.values(inside)) {
    expect(chanceOfAtMost(count, players, 0.9)).toBeGreaterThan(0.01);
    expect(chanceOfAtMost(count - 1, players, 0.9)).toBeLessThan(0.99);
  }
});

test('a very long look finds what was put in', () => {
  for (const seed of [1, 2, 3]) {
    const known = truth(seed);
    const { mark, distance, direction, factors } = learn(
      balls(playerOf(known), 600, seed),
      golfer,
      1,
    );
    expect(Math.abs(mark.after.bias.mean - known.mark)).toBeLessThan(0.004);
    expect(Math.abs(distance.after.bias.mean - known.distance)).toBeLessThan(0.06);
    expect(Math.abs(direction.after.bias.mean - known.aim)).toBeLessThan(0.015);
    expect(Math.abs(factors.mark_scale / known.scale - 1)).toBeLessThan(0.15);
  }
});

test('ten balls already help: the distances of what was learnt lie nearer to the player’s own', () => {
  const players = 30;
  let before = 0;
  let after = 0;
  for (let k = 0; k < players; k++) {
    const known = truth(300 + k);
    const { factors } = learn(balls(playerOf(known), 10, k), golfer, k);
    before += Math.abs(known.distance);
    after += Math.abs(known.distance - Math.log(factors.distance));
  }
  expect(after).toBeLessThan(0.75 * before);
});

test('no balls leave everything as the skill says; wild and missing values do no harm', () => {
  const none = learn([], golfer, 1);
  expect(none.balls).toBe(0);
  expect(none.factors.mark_scale).toBeGreaterThan(0.85);
  expect(none.factors.mark_scale).toBeLessThan(1.15);
  expect(Math.abs(none.factors.distance - 1)).toBeLessThan(0.03);
  const some = balls(golfer, 20, 3);
  const wild: LoggedBall[] = [
    ...some,
    { setup: SETUPS[0]!.setup, aim: 0, shot, carry: 0.1, x: 0.1, y: 0 },
    { setup: SETUPS[0]!.setup, aim: 0, shot, carry: 60, x: 70, y: 2 },
    { setup: SETUPS[0]!.setup, aim: 0, shot },
  ];
  const shift = learn(wild, golfer, 1).factors.distance - learn(some, golfer, 1).factors.distance;
  expect(Math.abs(shift)).toBeLessThan(0.05);
});

test('what was learnt goes into the golfer, and nothing learnt changes nothing', () => {
  expect(withLearnt(golfer, undefined)).toBe(golfer);
  const learnt = withLearnt(golfer, {
    version: 1,
    balls: 30,
    mark_bias_mm: 10,
    mark_scale: 0.8,
    distance: 1.1,
    distance_scale: 1.2,
    aim_bias_deg: 2,
    aim_scale: 1,
    clubs: [{ club: '56', distance: 0.95 }],
  });
  expect(learnt.headSpeed).toBe(golfer.headSpeed);
  const carry = (who: Golfer): number => seenBall(SETUPS[0]!.setup, 0, who, shot, AS_MEANT).carry;
  expect(carry(learnt) / carry(golfer)).toBeGreaterThan(1.02);
  expect(learnt.habits.bias.mark).toBeCloseTo(0.01, 9);
});
