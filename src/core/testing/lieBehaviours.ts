import type { Skill } from '@/core/ground/player/player';
import { sandOf, type SandReading } from '@/core/ground/sand/sandOf';
import type { Shot } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import { sampleSwings } from '@/core/model/spread/swings';
import type { Call } from '@/core/search/calls/call';
import { AS_MEANT } from '@/core/model/swing/swingError';
import type { Behaviour } from './behaviour';
import { BAG, ballOf, callsFor, pickedWith, played } from './bench';
import { aBed, aPlayer, aShot } from './fixtures';

/*
 * What coaches say that a lie costs. The ranges are theirs; what the model gave before it was told of them stands beside as `before`, where
 * it was noted.
 */

/** Sixteen yards to the flag, the green from eight to thirty, a low lip: what a lie costs is told from here. */
export const sixteen = (change: Partial<Shot> = {}): Shot => ({
  ...aShot(16, 1.5, 9),
  edge: toMetres(8, 'yd'),
  back: toMetres(30, 'yd'),
  ...change,
});

/** A clean ball in the sand of a reading. */
export const inSand = (reading: SandReading): Partial<Shot> => {
  const sand = sandOf(reading);
  return { sand, burial: sand.settle };
};

const strokes = (shot: Shot, skill: Skill): number => callsFor(shot, skill).calls[0]!.odds.strokes;

type Ranges = readonly [amateurs: readonly [number, number], expert: readonly [number, number]];

const EXPERT: readonly [number, number] = [0, 0.2];

/** Lies by name, with what they cost amateurs and an expert over a clean ball in medium sand, and what they cost before. */
const LIES: readonly (readonly [
  name: string,
  change: Partial<Shot>,
  ranges: Ranges,
  before: readonly [beginner: number, middle: number, expert: number],
])[] = [
  ['soft sand', inSand({ preset: 'soft' }), [[0, 0.08], EXPERT], [0.06, 0.05, 0.03]],
  ['powder', inSand({ preset: 'powder' }), [[0.03, 0.2], EXPERT], [0.06, 0.07, 0.02]],
  ['firm sand', inSand({ preset: 'firm' }), [[0, 0.06], EXPERT], [-0.13, -0.11, -0.07]],
  ['wet sand', inSand({ preset: 'wet' }), [[0.02, 0.12], EXPERT], [-0.11, -0.11, -0.06]],
  [
    'sand 15 mm deep on a hard base',
    inSand({ preset: 'medium', depth: 0.015 }),
    [[0.05, 0.2], EXPERT],
    [-0.16, -0.09, -0.06],
  ],
  [
    'a dry crust over packed sand',
    inSand({ preset: 'medium', crust: true }),
    [[0.05, 0.2], EXPERT],
    [-0.18, -0.13, -0.11],
  ],
  [
    'hardpan',
    inSand({ preset: 'hardpan' }),
    [
      [0.1, 0.35],
      [0.05, 0.2],
    ],
    [-0.07, -0.13, -0.12],
  ],
  ['an up-slope of 10 degrees', { along: radians(10) }, [[0.03, 0.22], EXPERT], [0.19, 0.05, 0.05]],
  ['a down-slope of 10', { along: radians(-10) }, [[0.12, 0.4], EXPERT], [0.16, 0.05, 0.02]],
];

const SKILLS = ['beginner', 'middle', 'expert'] as const;

const costs: Behaviour[] = LIES.flatMap(([name, change, [amateurs, expert], before]) =>
  SKILLS.map((skill, i) => ({
    name: `${skill}: best call from ${name} costs over a clean ball in medium sand`,
    wanted: skill === 'expert' ? expert : amateurs,
    unit: 'strokes',
    before: before[i]!,
    got: () => strokes(sixteen(change), skill) - strokes(sixteen(), skill),
  })),
);

/** What the call for dry sand costs where there is a crust over packed sand, over the call of somebody who saw the crust. */
function readAsDry(skill: Skill): number {
  const golfer = golferOf(aPlayer(skill, BAG));
  const swings = sampleSwings(golfer.habits, 4096, 99);
  const [seen] = callsFor(sixteen(inSand({ preset: 'medium', crust: true })), skill).calls;
  const [dry] = callsFor(sixteen(inSand({ preset: 'soft' })), skill).calls;
  const inCrust = (call: Call): number =>
    oddsOf(call.setup, golfer, seen!.shot, call.aim, swings).strokes;
  return inCrust(dry!) - inCrust(seen!);
}

const crusts: Behaviour[] = (['beginner', 'middle', 'expert'] as const).map((skill) => ({
  name: `${skill}: a crust that is read as dry sand costs over one that is seen`,
  wanted: [0.04, 0.4],
  unit: 'strokes',
  got: () => readAsDry(skill),
}));

const steeper: Behaviour[] = (['beginner', 'middle'] as const).map((skill, i) => ({
  name: `${skill}: a down-slope of 10 degrees costs over an up-slope of 10`,
  wanted: [0.02, 0.35],
  unit: 'strokes',
  before: [-0.03, 0][i]!,
  got: () =>
    strokes(sixteen({ along: radians(-10) }), skill) -
    strokes(sixteen({ along: radians(10) }), skill),
}));

/** A ball picked with a club, its mark so much further back than the ball, m. */
function picked(club: string, heavy: number | null): number {
  const bed = aBed('medium');
  const setup = pickedWith(club, bed, { gripDown: 0.025 });
  const mark = heavy === null ? 0 : heavy + 0.008;
  return ballOf(setup, bed, { ...AS_MEANT, mark }).carryYd;
}

const HEAVY_BEFORE = { '60': -11, '56': -15, '52': -18, PW: -22, '9i': -26, '8i': -30, '6i': -38 };

const heavyPicks: Behaviour[] = Object.entries(HEAVY_BEFORE).map(([club, before]) => ({
  name: `${club} picked, mark 2 cm heavy: carry`,
  wanted: [-45, -15],
  unit: '%',
  before,
  got: () => 100 * (picked(club, 0.02) / picked(club, null) - 1),
}));

/** Carry of a splash whose mark is so much too far back, over that of the one as meant. */
function keptFrom(heavy: number): number {
  const bed = aBed('medium');
  const setup = played('splash', '56', 15, 0.04, bed, { fraction: 0.7 });
  const error = { ...AS_MEANT, mark: heavy };
  return (100 * ballOf(setup, bed, error).carryYd) / ballOf(setup, bed).carryYd;
}

const farMarks: Behaviour[] = [
  {
    name: 'splash from medium sand, mark 10 cm behind the ball: keeps of its carry',
    wanted: [20, 60],
    unit: '%',
    before: 62,
    got: () => keptFrom(0.06),
  },
  {
    name: 'the same, mark 14 cm behind the ball',
    wanted: [0, 25],
    unit: '%',
    before: 60,
    got: () => keptFrom(0.1),
  },
  {
    name: 'the same, mark 18 cm behind the ball',
    wanted: [0, 10],
    unit: '%',
    before: 101,
    got: () => keptFrom(0.14),
  },
];

/** What a lie costs, and what a mark that is too far back does. */
export const LIE_BEHAVIOURS: readonly Behaviour[] = [
  ...costs,
  ...crusts,
  ...steeper,
  ...heavyPicks,
  ...farMarks,
];
