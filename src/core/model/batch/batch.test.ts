import fc from 'fast-check';
import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import { SKILLS } from '@/core/ground/player/player';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { sandOf } from '@/core/ground/sand/sandOf';
import { BEYONDS, GREEN_FIRMNESS, SURFACES } from '@/core/ground/situation/green';
import type { Shot } from '@/core/ground/situation/shot';
import { aPlayer, aShot } from '@/core/testing/fixtures';
import { BAG } from '@/core/testing/bench';
import { golferOf } from '../golfer/golferOf';
import { meantOf } from '../odds/asMeant';
import { oddsOf } from '../odds/odds';
import { sceneOf } from '../odds/scene';
import { seenAll } from '../odds/seenAll';
import { outcomeAhead } from '../shot/outcome';
import { play, readyFor } from '../shot/play';
import { footingOf, madeWith } from '../spread/footing';
import { sampleSwings } from '../spread/swings';
import { AS_MEANT } from '../swing/swingError';
import { playableBallPosition, type Setup } from '../swing/setup';
import { TECHNIQUES } from '../swing/technique';
import { engineHere, withoutEngine } from './engine';
import { writeOne } from './fours';
import { playSwings } from './slots';

/* The kernel is compiled from the reference: what both make of one swing is the same but for single precision. */

/** In ten thousand steps: what differs from nothing by less than single precision can tell is nothing. */
const between = (min: number, max: number): fc.Arbitrary<number> =>
  fc.integer({ min: 0, max: 10_000 }).map((step) => min + (step / 10_000) * (max - min));

/** Any shot that can be asked for: every sand, lie, slope, wind, green, and ways out that are not at the flag. */
const shots: fc.Arbitrary<Shot> = fc
  .record({
    pin: between(6, 90),
    lip: between(0, 2.2),
    lipAt: between(0.6, 5),
    preset: fc.constantFrom(...SAND_PRESETS),
    moisture: between(0, 1),
    depth: fc.option(between(0.005, 0.1), { nil: undefined }),
    burial: between(0, 0.045),
    along: between(-15, 15),
    across: between(-12, 12),
    wind: fc.option(fc.record({ x: between(-9, 9), y: between(-9, 9) }), { nil: { x: 0, y: 0 } }),
    stimp: between(7, 13),
    slope: between(-4, 4),
    firmness: fc.constantFrom(...GREEN_FIRMNESS),
    beyond: fc.constantFrom(...BEYONDS),
    clear: fc.option(between(4, 30), { nil: undefined }),
    away: fc.option(fc.constantFrom(...SURFACES), { nil: undefined }),
  })
  .map(({ pin, lip, lipAt, preset, moisture, depth, away, ...rest }) => {
    const shot = aShot(pin, 2);
    const distance = Math.min(lipAt, shot.edge);
    return {
      ...shot,
      lip: { height: lip, distance },
      sand: sandOf({ preset, moisture, ...(depth === undefined ? {} : { depth }) }),
      burial: rest.burial,
      along: radians(rest.along),
      across: radians(rest.across),
      wind: rest.wind,
      green: {
        stimp: toMetres(rest.stimp, 'ft'),
        slope: radians(rest.slope),
        firmness: rest.firmness,
      },
      beyond: rest.beyond,
      ...(rest.clear === undefined ? {} : { clear: rest.clear }),
      ...(away ? { away: { holeX: -pin / 2, holeY: pin / 3, ground: away } } : {}),
    };
  });

/** Any set-up of any club of a bag that strikes sand. */
const setups = fc
  .record({
    club: fc.constantFrom(...BAG.filter(({ type }) => type !== 'putter')),
    technique: fc.constantFrom(...TECHNIQUES.filter((name) => name !== 'putt')),
    opening: between(-20, 45),
    release: between(-8, 8),
    handle: between(0, 10),
    lean: between(-5, 12),
    dig: between(0, 0.03),
    grip: between(0, 0.05),
    weight: between(0.3, 0.8),
    body: between(0, 1),
    entry: between(-0.01, 0.1),
    fraction: between(0.25, 1),
  })
  .map((given) => (shot: Shot): Setup => {
    const setup: Setup = {
      club: given.club,
      technique: given.technique,
      opening: radians(given.opening),
      release: radians(given.release),
      ballPosition: 60,
      stanceWidth: 1.2,
      stanceOpen: 0,
      dig: given.dig,
      gripDown: given.grip,
      handleLowered: radians(given.handle),
      shaftLean: radians(given.lean),
      weightLead: given.weight,
      bodyWithSlope: given.body,
      entry: given.entry,
      fraction: given.fraction,
    };
    return { ...setup, ballPosition: playableBallPosition(setup, shot) };
  });

/** Both of many swings, quantity by quantity: how far apart they are. */
function apart(
  shot: Shot,
  setup: Setup,
  skill: (typeof SKILLS)[number],
  aim: number,
  seed: number,
) {
  const golfer = golferOf({ ...aPlayer(skill), bag: BAG });
  const swings = sampleSwings(golfer.habits, 256, seed);
  const engine = engineHere()!;
  const ready = readyFor(setup, golfer, shot);
  const scene = sceneOf(shot, skill);
  const footing = footingOf(setup, shot);
  const found: Record<string, number>[] = [];
  playSwings(
    engine,
    () => writeOne(engine, scene, ready.intent!, footing, aim),
    swings,
    0,
    swings.length,
    ({ strokes, x, y, carry, path, thin, out, lip, green, within2m }, first, swing, count) => {
      for (let k = 0; k < count; k++) {
        const i = first + k;
        found[swing + k] = {
          strokes: strokes[i]!,
          x: x[i]!,
          y: y[i]!,
          carry: carry[i]!,
          path: path[i]!,
          thin: thin[i]!,
          out: out[i]!,
          lip: lip[i]!,
          green: green[i]!,
          within2m: within2m[i]!,
        };
      }
    },
  );
  return swings.map((swing, i) => {
    const played = play(ready, madeWith(swing, footing, { ...AS_MEANT }), aim);
    const { finish, path } = played;
    const outcome = outcomeAhead(finish, scene.ahead, scene.stakes);
    const reference: Record<string, number> = { ...outcome, path, thin: Number(played.thin) };
    for (const key of ['x', 'y', 'carry'] as const) reference[key] = finish[key];
    return Object.fromEntries(
      Object.entries(found[i]!).map(([key, value]) => [key, Math.abs(value - reference[key]!)]),
    );
  });
}

const quantile = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[
    Math.min(values.length - 1, Math.floor(share * values.length))
  ]!;

test('100,000 swings of any set-up in any shot: kernel and reference agree', () => {
  expect(engineHere()).not.toBeNull();
  const off: Record<string, number[]> = {};
  fc.assert(
    fc.property(
      shots,
      setups,
      fc.constantFrom(...SKILLS),
      between(-0.4, 0.4),
      fc.integer({ min: 1, max: 1e6 }),
      (shot, setup, skill, aim, seed) => {
        for (const each of apart(shot, setup(shot), skill, aim, seed)) {
          for (const [key, value] of Object.entries(each)) {
            if (Number.isNaN(value)) throw new Error(`${key} is no number`);
            (off[key] ??= []).push(value);
          }
        }
      },
    ),
    { numRuns: 400, seed: 5 },
  );
  expect(off.carry!.length).toBeGreaterThan(100_000);
  /** What 999 of 1,000 swings, and what all of them, keep to; metres, strokes, shares of 1. */
  const agree = (keys: readonly string[], most: number, all: number): void => {
    for (const key of keys) {
      expect(quantile(off[key]!, 0.999)).toBeLessThan(most);
      expect(quantile(off[key]!, 1)).toBeLessThan(all);
    }
  };
  agree(['carry', 'x', 'y'], 0.0005, 0.02);
  agree(['strokes', 'out', 'lip', 'green', 'within2m'], 0.0001, 0.005);
  agree(['path'], 1e-6, 1e-6);
  agree(['thin'], 0.5, 1.5);
});

test('odds are the same with the kernel and without, also when some were played before', () => {
  const golfer = golferOf({ ...aPlayer(), bag: BAG });
  const shot = aShot(18, 3);
  const swings = sampleSwings(golfer.habits, 2500, 3);
  fc.assert(
    fc.property(setups, fc.integer({ min: 1, max: 2500 }), (make, part) => {
      const setup = make(shot);
      const all = oddsOf(setup, golfer, shot, 0.05, swings);
      const some = oddsOf(setup, golfer, shot, 0.05, swings, part);
      const more = oddsOf(setup, golfer, shot, 0.05, swings, swings.length, some);
      const slow = withoutEngine(() => oddsOf(setup, golfer, shot, 0.05, swings, part));
      for (const key of ['strokes', 'out', 'lip', 'green', 'thin', 'fat', 'worstTenth'] as const) {
        expect(more[key]).toBeCloseTo(all[key], 9);
        expect(some[key]).toBeCloseTo(slow[key], 3);
      }
      expect([...more.each]).toEqual([...all.each]);
    }),
    { numRuns: 12, seed: 9 },
  );
});

test('set-ups that are played as meant side by side come to what each comes to alone', () => {
  const golfer = golferOf({ ...aPlayer(), bag: BAG });
  fc.assert(
    fc.property(shots, fc.array(setups, { minLength: 1, maxLength: 9 }), (shot, makes) => {
      const all = makes.map((make, i) => ({ setup: make(shot), aim: 0.03 * i }));
      const together = meantOf(all, golfer, shot);
      const alone = all.map((each) => meantOf([each], golfer, shot)[0]!);
      expect(together).toEqual(alone);
      const slow = withoutEngine(() => meantOf(all, golfer, shot));
      together.forEach(({ x, carry }, i) => {
        expect(Math.abs(x - slow[i]!.x)).toBeLessThan(0.01);
        expect(Math.abs(carry - slow[i]!.carry)).toBeLessThan(0.01);
      });
    }),
    { numRuns: 60, seed: 4 },
  );
});

test('what is seen of balls is the same with the kernel and without', () => {
  const golfer = golferOf({ ...aPlayer(), bag: BAG });
  fc.assert(
    fc.property(shots, setups, fc.integer({ min: 1, max: 9 }), (shot, make, count) => {
      const ready = readyFor(make(shot), golfer, shot);
      const swings = sampleSwings(golfer.habits, count, 8);
      const fast = seenAll(ready, 0.02, swings);
      const slow = withoutEngine(() => seenAll(ready, 0.02, swings));
      fast.forEach((seen, i) => {
        expect(Math.abs(seen.entry - slow[i]!.entry)).toBeLessThan(1e-6);
        expect(Math.abs(seen.x - slow[i]!.x)).toBeLessThan(0.02);
        expect(seen.lip).toBe(slow[i]!.lip);
        expect(seen.thin).toBe(slow[i]!.thin);
      });
    }),
    { numRuns: 100, seed: 6 },
  );
});

test('more samples than the memory holds: the oldest gives way and is written again', () => {
  const golfer = golferOf({ ...aPlayer(), bag: BAG });
  const shot = aShot(18, 3);
  const setup = fc.sample(setups, { numRuns: 1, seed: 2 })[0]!(shot);
  const strokes = (seed: number): number =>
    oddsOf(setup, golfer, shot, 0, sampleSwings(golfer.habits, 8, seed)).strokes;
  const first = strokes(1);
  for (let seed = 2; seed < 400; seed++) strokes(seed);
  expect(strokes(1)).toBe(first);
});
