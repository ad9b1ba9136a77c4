import { HABITS } from '@/core/model/golfer/habits';
import { sampleSwings } from '@/core/model/spread/swings';
import { effortFactor, speedSpreadFactor } from '@/core/model/spread/effort';
import { aPlayer, aShot, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { fromMetres } from '@/core/ground/units/length';
import { SCHOOLS, schoolById } from '../schools/schools';
import { radians } from '@/core/ground/units/angle';
import { lookingAt, type MapPlace } from '../map/callMap';
import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { familiesFor } from '../candidates/candidate';
import { TIE_STROKES } from '../candidates/rank';
import { solveFor } from '../candidates/solve';
import { changesIn, standpointOf } from '../changes/changes';
import { prescribe } from './prescribe';

const ask = (pin: number, lip: number, lipAt = 8, skill: 'expert' | 'middle' = 'middle') =>
  prescribe({ player: aPlayer(skill), shot: aShot(pin, lip, lipAt), seed: 7 });

test('same seed, same answer', () => {
  const told = (): unknown => ask(18, 3).calls.map(({ setup, odds }) => [setup, odds.strokes]);
  expect(told()).toEqual(told());
});

test('what was asked before changes no answer', () => {
  const told = (): unknown =>
    ask(18, 3).calls.map(({ setup, odds, cost }) => [setup, odds.strokes, odds.each[77], cost]);
  const cold = told();
  for (const pin of [12, 17.5, 18.5, 60]) ask(pin, 3, 8, 'expert');
  expect(told()).toEqual(cold);
});

test('the first calls are those of the whole sheet, told on the same swings', () => {
  const question = { player: aPlayer(), shot: aShot(18, 3), seed: 7 };
  const whole = prescribe(question);
  const first = prescribe(question, { tell: 3 });
  expect(first.calls).toEqual(whole.calls.slice(0, 3));
  expect(first.more).toBe(whole.calls.length - 3);
  expect(first.tie).toEqual(whole.tie);
  expect(new Set(whole.calls.map(({ odds }) => odds.each.length))).toEqual(new Set([1024]));
});

test('the ball as meant stops near the flag', () => {
  const { calls } = ask(18, 3);
  for (const { meant, kind } of calls) {
    if (kind === 'out-sideways') continue;
    expect(Math.abs(fromMetres(meant.x, 'yd') - 18)).toBeLessThan(4);
  }
});

test('where nothing in the bag reaches the flag a ball is played as far as it goes, and that is no attempt', () => {
  const player = aPlayer('beginner', [CLUB_60]);
  const shot = { ...aShot(55, 1, 10, 'powder') };
  const { calls } = prescribe({ player, shot, seed: 7 });
  expect(calls[0]).toMatchObject({ toward: 0 });
  expect(calls[0]!.attempt).toBeUndefined();
  expect(calls[0]!.meant.x).toBeLessThan(shot.pin);
  expect(calls[0]!.odds.out).toBeGreaterThan(0.6);
});

test('a high lip close by asks for an open face, and the most loft loses nothing', () => {
  const { calls } = ask(15, 6.5, 9.8);
  expect(calls[0]!.setup.opening).toBeGreaterThan(0.2);
  const lofted = calls.find(({ setup }) => setup.club.name === '60')!;
  expect(lofted.score - calls[0]!.score).toBeLessThan(2 * TIE_STROKES);
});

test('long splashes ask for less loft, and for more swing', () => {
  const near = ask(14, 2).calls[0]!;
  const far = ask(34, 2).calls[0]!;
  expect(far.setup.club.loft).toBeLessThan(near.setup.club.loft);
  expect(far.setup.fraction).toBeGreaterThan(near.setup.fraction);
});

test('what cannot reach is ruled out with that reason, and every club and school is accounted for', () => {
  const { calls, toLearn, ruledOut } = ask(45, 2);
  expect(ruledOut.some(({ reason }) => reason.state === 'cannot-reach')).toBe(true);
  const schools = new Set([
    ...calls.map(({ school }) => school.id),
    ...toLearn.map(({ call }) => call.school.id),
    ...ruledOut.map(({ school }) => school.id),
  ]);
  for (const { id } of SCHOOLS) expect([...schools]).toContain(id);
  const { families } = familiesFor(aPlayer(), aShot(45, 2));
  const named = new Set([
    ...calls.map(({ setup, school }) => `${setup.club.name}/${school.id}`),
    ...ruledOut.map(({ club, school }) => `${club?.name}/${school.id}`),
  ]);
  for (const { club, school } of families)
    expect([...named]).toContain(`${club.name}/${school.id}`);
});

test('a lip that nothing clears leaves the other ways out', () => {
  const { calls, ruledOut, relief } = ask(15, 18, 3);
  expect(calls.map(({ kind }) => kind)).toEqual(['out-sideways', 'splash']);
  // The best attempt stands in the list, marked, with its odds.
  expect(calls.map(({ attempt }) => attempt === true)).toEqual([false, true]);
  expect(calls[1]!.odds.out).toBeLessThan(0.5);
  expect(calls[1]!.odds.strokes).toBeGreaterThan(calls[0]!.odds.strokes);
  expect(ruledOut.some(({ reason }) => reason.state === 'cannot-get-out')).toBe(true);
  expect(relief).toHaveLength(2);
});

test('a way out that was read is played in its own direction, and a worse one costs more', () => {
  const near = { toward: Math.PI / 2, lip: { height: 0.1, distance: 2 }, room: 12 };
  const walled = { ...near, toward: -Math.PI / 2, lip: { height: 2, distance: 2.5 } };
  const shot = { ...aShot(15, 18, 3), escapes: [near, walled] };
  const { calls, assumedEscape } = prescribe({ player: aPlayer(), shot, seed: 7 });
  expect(assumedEscape).toBe(false);
  expect(calls[0]!.toward).toBe(near.toward);
  const other = calls.find(({ toward }) => toward === walled.toward);
  expect(other === undefined || other.odds.strokes > calls[0]!.odds.strokes).toBe(true);
});

test('each club is called once before any is called again', () => {
  const names = ask(18, 3)
    .calls.slice(0, 3)
    .map(({ setup }) => setup.club.name);
  expect(new Set(names).size).toBe(3);
});

test('a better player needs fewer strokes, near the published 2.53 from 20 yards', () => {
  const expert = ask(20, 3, 8, 'expert').calls[0]!.odds.strokes;
  expect(expert).toBeLessThan(ask(20, 3).calls[0]!.odds.strokes);
  expect(Math.abs(expert - 2.53)).toBeLessThan(0.12);
});

test('strokes never fall when the lip grows', () => {
  const strokes = [1, 3, 5, 7].map((lip) => ask(16, lip).calls[0]!.odds.strokes);
  for (let i = 1; i < strokes.length; i++) {
    expect(strokes[i]! + 0.03).toBeGreaterThan(strokes[i - 1]!);
  }
});

test('full caution ranks by the worst tenth', () => {
  const { calls } = prescribe({ player: aPlayer(), shot: aShot(18, 3), seed: 7, caution: 1 });
  expect(calls[0]!.score).toBeCloseTo(calls[0]!.odds.worstTenth, 9);
});

test('a preferred school goes first while it costs little more, and hides nothing', () => {
  const question = { player: aPlayer(), shot: aShot(18, 3), seed: 7 };
  const plain = prescribe(question);
  const liked = prescribe({ ...question, schools: ['slide'] });
  expect(liked.calls[0]!.school.id).toBe('slide');
  expect(liked.calls).toHaveLength(plain.calls.length);
});

test('a school asked for alone is the only one used', () => {
  const { calls } = prescribe({
    player: aPlayer('middle', [CLUB_60, CLUB_56]),
    shot: aShot(15, 3),
    seed: 1,
    only: ['parallel'],
  });
  expect(calls.length).toBeGreaterThan(0);
  expect(calls.every(({ school }) => school.id === 'parallel')).toBe(true);
});

describe('swings', () => {
  const habits = HABITS.middle;
  const swings = sampleSwings(habits, 1024, 5);
  const sd = (of: (s: (typeof swings)[number]) => number): number => {
    const values = swings.map(of);
    const mean = values.reduce((a, b) => a + b) / values.length;
    return Math.sqrt(values.reduce((a, b) => a + (b - mean) ** 2, 0) / values.length);
  };
  test('spread as the habits say, with heavier tails for the mark', () => {
    expect(sd((s) => s.face) / habits.face).toBeCloseTo(1, 1);
    expect(sd((s) => s.mark)).toBeGreaterThan(habits.mark);
  });
  test('a shorter sample is the head of a longer one', () => {
    expect(sampleSwings(habits, 64, 5)).toEqual(swings.slice(0, 64));
  });
  test('forced and tiny swings spread more', () => {
    expect(effortFactor(1)).toBeGreaterThan(effortFactor(0.75));
    expect(speedSpreadFactor(0.3)).toBeGreaterThan(speedSpreadFactor(0.7));
    expect(speedSpreadFactor(0.75)).toBeCloseTo(1, 1);
  });
});

test('strokes never fall when the spread grows', () => {
  const strokes = (['expert', 'good', 'middle', 'beginner'] as const).map(
    (skill) =>
      prescribe({ player: aPlayer(skill), shot: aShot(18, 3), seed: 7 }).calls[0]!.odds.strokes,
  );
  expect([...strokes].sort((a, b) => a - b)).toEqual(strokes);
});

test('wind against asks for more swing, and the aim allows for wind from the side', () => {
  const { golfer, calls } = ask(18, 3);
  const still = calls.find(({ school }) => school.id === 'parallel')!;
  const windy = (x: number, y: number) => {
    const shot = { ...aShot(18, 3), wind: { x, y } };
    const past = still.meant.x - shot.pin;
    const solved = solveFor(still.setup, schoolById('parallel')!, golfer, shot, past);
    if (solved.state !== 'solved') throw new Error(solved.state);
    return solved;
  };
  expect(windy(-6, 0).setup.fraction).toBeGreaterThan(still.setup.fraction);
  expect(Math.abs(windy(0, 8).finish.y)).toBeLessThan(0.3);
});

test('water past the green costs more than rough', () => {
  const past = (beyond: 'rough' | 'water') =>
    prescribe({
      player: aPlayer(),
      shot: { ...aShot(18, 3), back: aShot(18, 3).pin + 4, beyond },
      seed: 7,
    }).calls[0]!.odds.strokes;
  expect(past('water')).toBeGreaterThan(past('rough') + 0.05);
});

test('where nothing gets out, it is said what would let it', () => {
  const question = { player: aPlayer(), shot: aShot(15, 12, 5), seed: 7 };
  const changes = changesIn(standpointOf(question, 0.5), 'lip');
  const lower = changes.find(({ direction }) => direction === 'down');
  expect(lower).toMatchObject({ from: null, to: { kind: 'splash' } });
  expect(lower!.value).toBeLessThan(question.shot.lip.height);
});

test('the call map goes row by row, longer shots with less loft', () => {
  const question = { player: aPlayer(), shot: aShot(20, 2), seed: 7 };
  const distance = { factor: 'distance', low: 10, high: 34, cells: 3 } as const;
  const lip = { factor: 'lip', low: 0.3, high: 1.2, cells: 2 } as const;
  const at = (place: MapPlace) => toTheEnd(lookingAt(question, distance, lip, place));
  expect(at([0, 0]).y).toBeCloseTo(0.525, 9);
  expect(at([1, 2]).y).toBeCloseTo(0.975, 9);
  const loft = (name: string): number => aPlayer().bag.find((each) => each.name === name)!.loft;
  expect(loft(at([0, 2]).best!.club)).toBeLessThanOrEqual(loft(at([0, 0]).best!.club));
  expect(() => toTheEnd(lookingAt(question, lip, lip, [0, 0]))).toThrow(RangeError);
  expect(() => at([2, 0])).toThrow(RangeError);
});

test('a slope across is aimed off for, either way alike', () => {
  const aim = (deg: number): number =>
    prescribe({
      player: aPlayer(),
      shot: { ...aShot(15, 2), across: radians(deg) },
      seed: 3,
      only: ['parallel'],
    }).calls[0]!.aim;
  expect(aim(10)).toBeLessThan(aim(-10));
});
