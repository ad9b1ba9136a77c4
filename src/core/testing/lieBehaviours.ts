import type { Skill } from '@/core/ground/player/player';
import type { SandPreset } from '@/core/ground/sand/presets';
import { sandOf, type SandReading } from '@/core/ground/sand/sandOf';
import type { Shot } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { toMps } from '@/core/ground/units/speed';
import { fly } from '@/core/model/flight/fly';
import { toMetres } from '@/core/ground/units/length';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import { sampleSwings } from '@/core/model/spread/swings';
import type { Call } from '@/core/search/calls/call';
import { AS_MEANT } from '@/core/model/swing/swingError';
import type { Behaviour } from './behaviour';
import { BAG, ballOf, callsFor, pickedWith, played } from './bench';
import { aBed, aPlayer, aShot, KNOWS_ALL } from './fixtures';

/*
 * What coaches say that a lie costs, and where they pick a ball and where they splash it. The ranges are theirs; what the model gave
 * before it was told of them stands beside as `before`, where it was noted.
 */

/** Sixteen yards to the flag, the green from eight to thirty, a low lip: what a lie costs is told from here. */
const sixteen = (change: Partial<Shot> = {}): Shot => ({
  ...aShot(16, 1.5, 9),
  edge: toMetres(8, 'yd'),
  back: toMetres(30, 'yd'),
  ...change,
});

const inSand = (reading: SandReading): Partial<Shot> => {
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

/** How many of these distances, yd, a ball is picked from first. */
const picks = (
  distances: readonly number[],
  skill: Skill,
  lipFt = 2,
  sand: SandPreset = 'medium',
): number =>
  distances.filter((yd) => callsFor(aShot(yd, lipFt, 12, sand), skill).calls[0]!.kind === 'pick')
    .length;

const ALONG = [40, 50, 60, 70] as const;

const HALF_WEDGES = [35, 40, 45] as const;

const splashedOrPicked: Behaviour[] = [
  ...(
    [
      ['beginner', 0],
      ['middle', 1],
      ['good', 1],
    ] as const
  ).map(([skill, before]): Behaviour => ({
    name: `${skill}, 35, 40 and 45 yd, low lip: picked first`,
    wanted: [0, 0],
    unit: 'of 3',
    before,
    got: () => picks(HALF_WEDGES, skill),
  })),
  {
    name: 'middle, 50 and 55 yd, low lip: picked first',
    wanted: [0, 0],
    unit: 'of 2',
    before: 2,
    got: () => picks([50, 55], 'middle'),
  },
  {
    name: 'good, 65, 75 and 85 yd, low lip: picked first',
    wanted: [3, 3],
    unit: 'of 3',
    got: () => picks([65, 75, 85], 'good'),
  },
  {
    name: 'middle, 80 and 90 yd, low lip: picked first',
    wanted: [2, 2],
    unit: 'of 2',
    before: 2,
    got: () => picks([80, 90], 'middle'),
  },
  ...(['middle', 'good', 'expert'] as const).map((skill): Behaviour => ({
    name: `${skill}, 40 to 70 yd: picked more often from hardpan than from soft sand by`,
    wanted: [1, 4],
    unit: 'of 4',
    got: () => picks(ALONG, skill, 1, 'hardpan') - picks(ALONG, skill, 1, 'soft'),
  })),
  {
    name: 'a beginner putts or chips from 45 yd and on, in any sand',
    wanted: [0, 0],
    unit: 'of 6',
    got: () =>
      (['medium', 'firm', 'wet'] as const).flatMap((sand) =>
        [45, 70].filter((yd) =>
          ['putt', 'chip'].includes(callsFor(aShot(yd, 1, 12, sand), 'beginner').calls[0]!.kind),
        ),
      ).length,
  },
  {
    name: 'down a slope of 11 degrees in medium sand, no lip: an expert putts',
    wanted: [0, 0],
    unit: 'of 1',
    before: 1,
    got: () =>
      Number(
        callsFor({ ...aShot(22, 0.5, 4), along: radians(-11) }, 'expert').calls[0]!.kind === 'putt',
      ),
  },
  {
    name: 'good, 51 yd, down a slope of 10: the ball is picked',
    wanted: [0, 0],
    unit: 'of 1',
    before: 1,
    got: () =>
      Number(
        callsFor({ ...aShot(51, 3, 10), along: radians(-10) }, 'good').calls[0]!.kind === 'pick',
      ),
  },
  {
    name: '40 to 75 yd: a good player picks more often than a middle one by',
    wanted: [1, 6],
    unit: 'of 8',
    before: 0,
    got: () => {
      const along = [40, 45, 50, 55, 60, 65, 70, 75];
      return picks(along, 'good') - picks(along, 'middle');
    },
  },
];

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

/** Carry of the same swing of a 56 in a technique on an up-slope of 10 degrees, yd. */
function upTheHill(body: number, weightLead: number): number {
  const bed = { ...aBed('medium'), along: radians(10) };
  const setup = played('splash', '56', 10, 0.04, bed, {
    bodyWithSlope: body,
    weightLead,
    fraction: 0.7,
  });
  return ballOf(setup, bed).carryYd;
}

const techniques: Behaviour[] = [
  {
    name: 'up-slope 10, the same swing: along the slope carries further than leaning in by',
    wanted: [0.5, 6],
    unit: 'yd',
    before: -1.6,
    got: () => upTheHill(0.95, 0.6) - upTheHill(0.25, 0.7),
  },
  {
    name: 'up-slope 10, 16 yd: chips among the calls',
    wanted: [0, 0],
    unit: 'calls',
    got: () =>
      callsFor(sixteen({ along: radians(10) })).calls.filter(({ kind }) => kind === 'chip').length,
  },
  ...(
    [
      [-10, { before: 66 }],
      [-12, {}],
    ] as const
  ).map(([slope, noted]): Behaviour => ({
    name: `down-slope ${-slope}, 16 yd: ball of the first call (0 trail heel, 100 lead heel)`,
    wanted: [30, 46],
    unit: 'of 100',
    ...noted,
    got: () => callsFor(sixteen({ along: radians(slope) })).calls[0]!.setup.ballPosition,
  })),
  {
    name: 'powder and soft sand, 16 yd: splashes with a pitching wedge among the calls',
    wanted: [0, 0],
    unit: 'calls',
    got: () =>
      (['powder', 'soft'] as const)
        .flatMap((preset) => callsFor(sixteen(inSand({ preset }))).calls)
        .filter(({ kind, setup }) => kind === 'splash' && setup.club.name === 'PW').length,
  },
  {
    name: 'plugged, 14 yd: a shot that has to be practised is called first for a beginner or a middle player who knows it',
    wanted: [0, 0],
    unit: 'of 2',
    before: 2,
    got: () =>
      (['beginner', 'middle'] as const).filter((skill) =>
        ['toe-in', 'heel-first'].includes(
          callsFor({ ...aShot(14, 2, 9), burial: 0.028 }, skill, KNOWS_ALL).calls[0]!.school.id,
        ),
      ).length,
  },
];

/** What a wind does to the carry of a full pitching wedge as the published averages of the best start it, per cent; from ahead where negative. */
function inWind(mph: number): number {
  const [speed, launch, spin] = [45.6, radians(24.2), 974];
  const carried = (x: number): number =>
    fly(
      {
        vx: speed * Math.cos(launch),
        vy: 0,
        vz: speed * Math.sin(launch),
        wx: 0,
        wy: -spin,
        wz: 0,
      },
      0,
      0,
      { x, y: 0 },
    ).landing.x;
  return 100 * (carried(toMps(mph, 'mph')) / carried(0) - 1);
}

const winds: Behaviour[] = [
  {
    name: 'full pitching wedge: ten miles an hour of wind ahead take off the carry',
    wanted: [6, 12],
    unit: '%',
    got: () => -inWind(-10),
  },
  {
    name: 'full pitching wedge: ten miles an hour of wind behind add to the carry',
    wanted: [3, 8],
    unit: '%',
    got: () => inWind(10),
  },
  {
    name: 'middle, 35 yd into 18 miles an hour: the ball is picked',
    wanted: [0, 0],
    unit: 'of 1',
    before: 1,
    got: () =>
      Number(
        callsFor({ ...aShot(35, 2, 12), wind: { x: -toMps(18, 'mph'), y: 0 } }).calls[0]!.kind ===
          'pick',
      ),
  },
];

const sittingDown: Behaviour[] = [
  {
    name: 'sitting down, 45 to 60 yd: something is called at the flag that gets out as planned',
    wanted: [12, 12],
    unit: 'of 12',
    got: () =>
      (['middle', 'good', 'expert'] as const).flatMap((skill) =>
        (['wet', 'powder'] as const).flatMap((sand) =>
          [48, 56].filter((yd) => {
            const [first] = callsFor({ ...aShot(yd, 2, 10, sand), burial: 0.009 }, skill).calls;
            return !first!.attempt && first!.toward === 0;
          }),
        ),
      ).length,
  },
  {
    name: 'hardpan under a lip of 6 ft at 7: a way out is called first or second',
    wanted: [2, 2],
    unit: 'of 2',
    before: 0,
    got: () =>
      (['beginner', 'good'] as const).filter((skill) =>
        callsFor(aShot(15, 6, 7, 'hardpan'), skill)
          .calls.slice(0, 2)
          .some(({ toward }) => toward !== 0),
      ).length,
  },
  {
    name: 'buried, 14 yd, lip of 6 ft at 7, middle: the first call comes out',
    wanted: [40, 100],
    unit: '%',
    before: 16,
    got: () => 100 * callsFor({ ...aShot(14, 6, 7), burial: 0.036 }).calls[0]!.odds.out,
  },
];

const fairway: Behaviour[] = [
  {
    name: 'beginner, 130 yd, lip of 4 ft at 14: the first call comes out',
    wanted: [75, 95],
    unit: '%',
    before: 63,
    got: () => 100 * callsFor(aShot(130, 4, 14), 'beginner').calls[0]!.odds.out,
  },
  {
    name: 'expert, 100 yd, ball sitting down: a 9 iron hit down on it carries',
    wanted: [55, 100],
    unit: 'yd',
    got: () => {
      const { calls } = callsFor({ ...aShot(100, 3, 20), burial: 0.009 }, 'expert');
      const nine = calls.find(
        ({ setup, school }) => setup.club.name === '9i' && school.id === 'hit-down',
      );
      return (nine?.meant.carry ?? 0) / toMetres(1, 'yd');
    },
  },
];

/** What a lie costs, and which technique it is played with. */
export const LIE_BEHAVIOURS: readonly Behaviour[] = [
  ...costs,
  ...crusts,
  ...steeper,
  ...heavyPicks,
  ...splashedOrPicked,
  ...farMarks,
  ...techniques,
  ...winds,
  ...sittingDown,
  ...fairway,
];
