import { samplerOf } from '@/core/ground/numeric/sampling';
import { plainGolferOf } from '@/core/model/golfer/golferOf';
import { aimFor } from '@/core/model/shot/play';
import { sampleSwings } from '@/core/model/spread/swings';
import { aPlayer, aShot, aSplash, CLUB_56 } from '@/core/testing/fixtures';
import { CAUSES, NOTHING, SIGNS } from './causes';
import { causedBalls, meantHits } from './caused';
import type { Hit } from '@/core/model/shot/hit';
import { findFault, type Ticks } from './find';
import { featuresOf, type FoundBall } from './features';
import { looksFor } from './looks';

const golfer = plainGolferOf(aPlayer('middle'));
const shot = aShot(15, 2);
const setup = aSplash(CLUB_56, 20, 0.04, 0.75);
const hit: Hit = { setup, aim: aimFor(setup, golfer, shot), shot };
const hits = meantHits([hit], golfer);
const swings = sampleSwings(golfer.habits, 1024, 99);

/** What is found in balls of these calls. */
const find = (balls: readonly FoundBall[], ticks: Ticks = {}, of: readonly Hit[] = hits) =>
  findFault(balls, ticks, looksFor(balls, of, golfer, 1));

const BALLS = 15;
const sample = { golfer, swings, count: BALLS };
const looks = looksFor(causedBalls(NOTHING, hits, sample, samplerOf(1)), hits, golfer, 1);

/** A simulated fault, with a coach who looks at the most telling thing three times and errs as people do. */
function trial(causeIndex: number, seed: number) {
  const cause = CAUSES[causeIndex]!;
  const sampler = samplerOf(seed);
  const balls = causedBalls(cause, hits, sample, sampler);
  const ticks: Record<string, boolean> = {};
  let finding = findFault(balls, ticks, looks);
  for (let look = 0; look < 3 && finding.next; look++) {
    const there = cause.signs.includes(finding.next.id) ? 0.8 : 0.08;
    ticks[finding.next.id] = sampler.uniform() < there;
    finding = findFault(balls, ticks, looks);
  }
  return finding.suspects.map((suspect) => suspect.cause.id).indexOf(cause.id);
}

test('the true cause comes first in at least 8 of 10 simulated faults, among the first three in 19 of 20', () => {
  const places = CAUSES.flatMap((_, i) =>
    Array.from({ length: 20 }, (_, k) => trial(i, 1000 * k + i)),
  );
  const share = (upTo: number): number =>
    places.filter((place) => place < upTo).length / places.length;
  expect(share(1)).toBeGreaterThanOrEqual(0.8);
  expect(share(3)).toBeGreaterThanOrEqual(0.95);
});

test('a player without a fault is told so more often than not, and never sure of anything else', () => {
  const findings = [1, 2, 3, 4, 5, 6].map((k) =>
    findFault(causedBalls(NOTHING, hits, sample, samplerOf(k)), {}, looks),
  );
  const first = findings.filter(({ suspects }) => suspects[0]!.cause.id === 'nothing').length;
  expect(first).toBeGreaterThanOrEqual(4);
});

test('too little to go by is said, and what to look at next', () => {
  const few = causedBalls(CAUSES[0]!, hits, { golfer, swings, count: 3 }, samplerOf(1));
  const finding = find(few);
  expect(finding.clear).toBe(false);
  expect(finding.next).not.toBeNull();
  const nothing = find([]);
  expect(nothing.clear).toBe(false);
  expect(nothing.suspects.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
});

test('ticks move the ranking, and a sign that was looked at is not asked for again', () => {
  const balls = causedBalls(CAUSES[1]!, hits, { golfer, swings, count: 10 }, samplerOf(5));
  const without = find(balls);
  const chanceOf = (finding: typeof without, id: string): number =>
    finding.suspects.find(({ cause }) => cause.id === id)!.chance;
  const seen = find(balls, { 'short-swing': true });
  expect(chanceOf(seen, 'swing-too-small')).toBeGreaterThan(chanceOf(without, 'swing-too-small'));
  const all = Object.fromEntries(SIGNS.map(({ id }) => [id, false]));
  expect(find(balls, all).next).toBeNull();
});

test('the first suspect carries evidence that speaks for it', () => {
  const balls = causedBalls(CAUSES[12]!, hits, { golfer, swings, count: 20 }, samplerOf(8));
  const [first] = find(balls).suspects;
  expect(first!.cause.id).toBe('too-quick');
  const carry = first!.evidence.find(({ what }) => what === 'carry')!;
  expect(carry.weight).toBeGreaterThan(0.5);
});

test('balls of two stations are each held against their own call', () => {
  const far = aSplash(CLUB_56, 5, 0.03, 0.95);
  const farShot = aShot(28, 1);
  const both: Hit[] = [hit, { setup: far, aim: aimFor(far, golfer, farShot), shot: farShot }];
  const cause = CAUSES.find(({ id }) => id === 'decelerates')!;
  const first = [1, 2, 3, 4, 5].map((k) => {
    const balls = causedBalls(
      cause,
      meantHits(both, golfer),
      { golfer, swings, count: 20 },
      samplerOf(k),
    );
    return find(balls, { slows: true }, both).suspects[0]!.cause.id;
  });
  expect(first.filter((id) => id === 'decelerates').length).toBeGreaterThanOrEqual(4);
});

test('the depth of the marks is evidence where it was measured', () => {
  const deep = { golfer, swings, count: 20, depths: true };
  const cause = CAUSES.find(({ id }) => id === 'hangs-back')!;
  const balls = causedBalls(cause, hits, deep, samplerOf(3));
  for (const { depth } of balls) expect(depth).toBeGreaterThanOrEqual(0);
  const { suspects } = find(balls);
  expect(suspects[0]!.evidence.map(({ what }) => what)).toContain('depth');
  const chances = (list: typeof balls): number =>
    find(list).suspects.find((each) => each.cause === cause)!.chance;
  const deepened = balls.map((ball) => ({ ...ball, depth: ball.depth! + 0.03 }));
  expect(chances(deepened)).toBeLessThan(chances(balls));
});

test('every sign belongs to a cause and every cause has a sign, a fix and a drill', () => {
  const used = new Set(CAUSES.flatMap(({ signs }) => signs));
  expect([...used].sort()).toEqual(SIGNS.map(({ id }) => id).sort());
  for (const { signs, fix, drill } of CAUSES) {
    expect(signs.length).toBeGreaterThan(0);
    expect(fix.length * drill.length).toBeGreaterThan(0);
  }
});

test('summaries need three balls and shrug off one wild one', () => {
  expect(featuresOf([{ entryOff: 0.01 }, { entryOff: 0.02 }])).toEqual({});
  const calm = Array.from({ length: 9 }, (_, i) => ({ entryOff: 0.01 + i * 0.0001 }));
  const { entry } = featuresOf([...calm, { entryOff: 0.5 }]);
  expect(entry!).toBeCloseTo(0.01, 2);
});
