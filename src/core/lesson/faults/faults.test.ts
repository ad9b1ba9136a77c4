import { fixWords } from '@/core/tell/lessons/causeWords';
import { everyCause, placeOf, trialOf } from '@/core/testing/otherFaults';
import {
  AS_THE_SKILL,
  CLEAN,
  golferWith,
  loggedBy,
  skilled,
  twoHits,
} from '@/core/testing/otherPlayers';
import type { LoggedBall } from '../peers/recorded';
import { changedBy } from './caused';
import { CAUSES, NO_FAULT, NOTHING, SIGNS } from './causes';
import { findFault, type Finding } from './find';
import { looksFor } from './looks';
import type { Ticks } from './ticks';

const golfer = skilled('middle');
const hits = twoHits(golfer);
const lesson = { golfer, hits, balls: 18 };
const cause = (id: string) => CAUSES.find((each) => each.id === id)!;

/** Clean balls of a player of the skill with a fault at its usual strength. */
const ballsWith = (id: string, count: number, seed: number): LoggedBall[] =>
  loggedBy(
    golferWith(golfer, AS_THE_SKILL),
    hits,
    count,
    seed,
    CLEAN,
    changedBy(cause(id).effect, 1, golfer.habits.bias),
  );
const find = (balls: readonly LoggedBall[], ticks: Ticks = {}): Finding =>
  findFault(looksFor(balls, golfer, false, 1), ticks);
const chanceOf = ({ suspects }: Finding, id: string): number =>
  suspects.find((suspect) => suspect.cause.id === id)!.chance;

test('faults made otherwise than its own are found, and what it says with so much chance is right as often', () => {
  const looked = { ...lesson, looks: 12 };
  const trials = everyCause(2).map((each, i) => trialOf([each], 400 + 31 * i, looked));
  const faults = ({ suspects }: Finding) => suspects.filter((each) => !NO_FAULT.has(each.cause.id));
  const among = (looks: number): number =>
    trials.filter(({ causes, byLooks }) =>
      faults(byLooks[looks]!)
        .slice(0, 3)
        .some((suspect) => suspect.cause === causes[0]),
    ).length / trials.length;
  expect(among(3)).toBeGreaterThan(0.65);
  expect(among(12)).toBeGreaterThan(0.8);
  const clear = trials.filter(({ finding }) => finding.clear);
  const right = clear.filter(({ causes, finding }) => placeOf(causes[0]!, finding) === 0);
  expect(clear.length).toBeGreaterThan(4);
  expect(right.length / clear.length).toBeGreaterThan(0.7);
  const said = trials.flatMap(({ causes, finding }) =>
    finding.suspects
      .filter(({ chance }) => chance > 0.3)
      .map((suspect) => ({ chance: suspect.chance, is: Number(suspect.cause === causes[0]) })),
  );
  const mean = (of: (each: (typeof said)[number]) => number): number =>
    said.reduce((sum, each) => sum + of(each), 0) / said.length;
  expect(Math.abs(mean(({ chance }) => chance) - mean(({ is }) => is))).toBeLessThan(0.18);
});

test('players without a fault, who differ as players do, are hardly ever given one', () => {
  const alarms = Array.from({ length: 12 }, (_, i) => trialOf([], 9000 + 17 * i, lesson)).filter(
    ({ finding }) => finding.clear && !NO_FAULT.has(finding.suspects[0]!.cause.id),
  );
  expect(alarms.length).toBeLessThanOrEqual(2);
});

test('of two faults at once both are suspected', () => {
  const both = [cause('too-quick'), cause('aims-to-the-lead-side')];
  const { finding } = trialOf(both, 5, { ...lesson, balls: 30, looks: 5 });
  for (const each of both) expect(placeOf(each, finding)).toBeLessThan(4);
});

test('too little to go by is said, and what to look at next', () => {
  const few = find(ballsWith('hangs-back', 3, 1));
  expect(few.clear).toBe(false);
  expect(few.next).not.toBeNull();
  const nothing = find([]);
  expect(nothing.clear).toBe(false);
  expect(nothing.suspects[0]!.cause).toBe(NOTHING);
  expect(nothing.suspects.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
});

test('balls that no known fault makes are odd, not clear', () => {
  const balls = ballsWith('decelerates', 16, 3).map((ball, i) => ({
    ...ball,
    entry: ball.setup.entry + (i % 2 ? 0.25 : -0.1),
    y: (ball.x ?? 0) * 1.2,
  }));
  expect(find(balls)).toMatchObject({ odd: true, clear: false });
});

test('ticks move the ranking, and a sign that was looked at is not asked for again', () => {
  const looked = looksFor(ballsWith('decelerates', 12, 5), golfer, false, 1);
  const without = findFault(looked, {});
  const seen = findFault(looked, { 'short-swing': true });
  expect(chanceOf(seen, 'swing-too-small')).toBeGreaterThan(chanceOf(without, 'swing-too-small'));
  const all = Object.fromEntries(SIGNS.map(({ id }) => [id, false]));
  expect(findFault(looked, all).next).toBeNull();
});

test('the first suspect carries evidence that speaks for it', () => {
  const { suspects } = find(ballsWith('too-quick', 24, 8));
  const quick = suspects.find((suspect) => suspect.cause.id === 'too-quick')!;
  expect(quick.evidence.find(({ what }) => what === 'far')!.weight).toBeGreaterThan(0.5);
});

test('depth and length of the marks are evidence where they were measured: deep short marks are steep ones', () => {
  const marked = (depth: number, length: number): LoggedBall[] =>
    ballsWith('too-steep', 16, 4).map((ball) => ({ ...ball, depth, length }));
  const steep = find(marked(0.035, 0.12));
  const flat = find(marked(0.008, 0.3));
  expect(steep.suspects[0]!.evidence.map(({ what }) => what)).toContain('depth');
  expect(chanceOf(steep, 'too-steep')).toBeGreaterThan(chanceOf(flat, 'too-steep'));
});

test('balls that run on from the same carry speak for a closed face, and short ones against it', () => {
  const running = (by: number): LoggedBall[] =>
    ballsWith('edge-digs', 16, 4).map((ball) => ({ ...ball, x: ball.carry! * by, y: 0 }));
  expect(chanceOf(find(running(1.5)), 'edge-digs')).toBeGreaterThan(
    chanceOf(find(running(1.05)), 'edge-digs'),
  );
});

test('where a ball stopped is not taken for its carry', () => {
  const [first] = hits;
  const balls = ballsWith('swing-too-small', 12, 6);
  const stopped = balls.map(({ carry: _, ...ball }) => ball);
  expect(first!.shot.pin).toBeGreaterThan(0);
  const far = (some: readonly LoggedBall[]): number => {
    const { names, seen } = looksFor(some, golfer, false, 1);
    return seen[names.indexOf('far')]!;
  };
  expect(Math.abs(far(stopped) - far(balls))).toBeLessThan(0.12);
});

test('who has been learnt is held against what was learnt', () => {
  const own = golferWith(golfer, { ...AS_THE_SKILL, distance: -0.35 });
  const balls = loggedBy(own, hits, 20, 12, CLEAN);
  const asSkill = findFault(looksFor(balls, golfer, false, 1), {});
  const asLearnt = findFault(looksFor(balls, own, true, 1), {});
  expect(chanceOf(asLearnt, 'nothing')).toBeGreaterThan(chanceOf(asSkill, 'nothing'));
});

test('every sign belongs to a cause and every cause has a sign and a fix', () => {
  const used = new Set(CAUSES.flatMap(({ signs }) => signs));
  expect([...used].sort()).toEqual(SIGNS.map(({ id }) => id).sort());
  for (const cause of CAUSES) {
    expect(cause.signs.length).toBeGreaterThan(0);
    expect(fixWords(cause)).toMatch(/\.$/);
  }
});
