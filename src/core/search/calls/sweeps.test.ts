import type { Shot } from '@/core/ground/situation/shot';
import type { Club } from '@/core/ground/club/club';
import { sandOf, sandOfFirmness } from '@/core/ground/sand/sandOf';
import { radians } from '@/core/ground/units/angle';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import { sampleSwings } from '@/core/model/spread/swings';
import { playableBallPosition, type Setup } from '@/core/model/swing/setup';
import { aPlayer, aShot, aSplash, CLUB_56 } from '@/core/testing/fixtures';
import { prescribe } from './prescribe';

/* Nothing that is free to vary has a cliff: neither the odds of one set-up, nor what the best call costs. */

interface Sweep {
  name: string;
  low: number;
  high: number;
  shot?: (value: number) => Shot;
  setup?: (value: number) => Setup;
}

const plain = aShot(15, 2);
const inSand = (sand: Shot['sand']): Shot => ({ ...plain, sand, burial: sand.settle });

const SWEEPS: Sweep[] = [
  { name: 'firmness', low: 0, high: 1, shot: (v) => inSand(sandOfFirmness(v)) },
  {
    name: 'wetness',
    low: 0,
    high: 1,
    shot: (v) => inSand(sandOf({ preset: 'medium', moisture: v })),
  },
  {
    name: 'depth to the base',
    low: 0.006,
    high: 0.09,
    shot: (v) => inSand(sandOf({ preset: 'medium', depth: v })),
  },
  { name: 'burial', low: 0, high: 0.05, shot: (burial) => ({ ...plain, burial }) },
  { name: 'slope', low: radians(-15), high: radians(20), shot: (along) => ({ ...plain, along }) },
  {
    name: 'lip',
    low: 0,
    // Higher lips than this nobody gets over from here: what the best call costs then rises steeply by right.
    high: 2.6,
    shot: (height) => ({ ...plain, lip: { ...plain.lip, height } }),
  },
  {
    name: 'bounce',
    low: 0,
    high: radians(20),
    setup: (bounce) => ({ ...aSplash(CLUB_56, 15, 0.04, 0.7), club: { ...CLUB_56, bounce } }),
  },
  {
    name: 'face',
    low: radians(-30),
    high: radians(45),
    setup: (opening) => ({ ...aSplash(CLUB_56, 0, 0.04, 0.7), opening }),
  },
];

const golfer = golferOf(aPlayer('middle', [CLUB_56]));
const swings = sampleSwings(golfer.habits, 128, 3);
const FINE = 64;

/** The greatest step between values that lie `apart` places from each other. */
const greatestStep = (values: readonly number[], apart: number): number =>
  Math.max(
    ...values
      .filter((_, i) => i % apart === 0)
      .map((value, i, all) => (i === 0 ? 0 : Math.abs(value - all[i - 1]!))),
  );

/** A step this small is none, whatever becomes of it when places lie closer. */
const NO_STEP = 0.03;

describe.each(SWEEPS)('$name', ({ low, high, shot, setup }) => {
  test('moves the odds of one set-up smoothly: half the step, less of a change', () => {
    const odds = Array.from({ length: FINE + 1 }, (_, i) => {
      const value = low + ((high - low) * i) / FINE;
      const here = shot?.(value) ?? plain;
      const made = setup?.(value) ?? aSplash(CLUB_56, 15, 0.04, 0.7);
      made.ballPosition = playableBallPosition(made, here);
      return oddsOf(made, golfer, here, 0, swings);
    });
    for (const values of [odds.map(({ out }) => out), odds.map(({ strokes }) => strokes)]) {
      const coarse = greatestStep(values, 4);
      const fine = greatestStep(values, 1);
      expect(fine < NO_STEP || fine < 0.6 * coarse).toBe(true);
    }
  });
});

const bag: Club[] = [CLUB_56];

test.each([
  ['firmness', 0.2],
  ['wetness', 0.2],
  ['burial', 0.45],
  ['lip', 0.4],
])(
  '%s moves what the best call costs a little at a time, and there is always one',
  (name, most) => {
    const { low, high, shot } = SWEEPS.find((sweep) => sweep.name === name)!;
    const STEPS = 8;
    const strokes = Array.from({ length: STEPS + 1 }, (_, i) => {
      const here = shot!(low + ((high - low) * i) / STEPS);
      const { calls } = prescribe({ player: aPlayer('middle', bag), shot: here, seed: 5 });
      expect(calls.length).toBeGreaterThan(0);
      return calls[0]!.odds.strokes;
    });
    for (let i = 1; i <= STEPS; i++) {
      expect(Math.abs(strokes[i]! - strokes[i - 1]!)).toBeLessThan(most);
    }
  },
);

test('in firm sand a dig at the flag is offered all the way down to the crown', () => {
  for (let mm = 14; mm <= 50; mm += 9) {
    const shot = { ...aShot(12, 1, 8, 'firm'), burial: mm / 1000 };
    const { calls } = prescribe({ player: aPlayer('expert', bag), shot, seed: 5 });
    expect(calls.some(({ toward }) => toward === 0)).toBe(true);
  }
});
