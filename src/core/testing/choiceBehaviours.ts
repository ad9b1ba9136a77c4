import { burialOf, type Lie } from '@/core/ground/sand/lie';
import type { Skill } from '@/core/ground/player/player';
import type { SandPreset } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { toMps } from '@/core/ground/units/speed';
import { fly } from '@/core/model/flight/fly';
import type { Kind } from '@/core/search/schools/school';
import { toMetres } from '@/core/ground/units/length';
import type { Behaviour } from './behaviour';
import { ballOf, callsFor, played } from './bench';
import { aBed, aShot, KNOWS_ALL } from './fixtures';
import { inSand, sixteen } from './lieBehaviours';

/* Which technique coaches play from where, and which they do not: the ranges are theirs; `before` is what an earlier model gave. */

/** Whether the first call is of a kind. */
const isFirst = (kind: Kind, shot: Shot, skill?: Skill): boolean =>
  callsFor(shot, skill).calls[0]!.kind === kind;

/** A kind of shot that is not called first from here; an earlier model called it. */
const noMore = (name: string, kind: Kind, shot: Shot, skill?: Skill): Behaviour => ({
  name,
  wanted: [0, 0],
  unit: 'of 1',
  before: 1,
  got: () => Number(isFirst(kind, shot, skill)),
});

/** How many of these distances, yd, a ball is picked from first. */
const picks = (
  distances: readonly number[],
  skill: Skill,
  lipFt = 2,
  sand: SandPreset = 'medium',
): number => distances.filter((yd) => isFirst('pick', aShot(yd, lipFt, 12, sand), skill)).length;

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
  noMore(
    'down a slope of 11 degrees in medium sand, no lip: an expert putts',
    'putt',
    { ...aShot(22, 0.5, 4), along: radians(-11) },
    'expert',
  ),
  noMore(
    'good, 51 yd, down a slope of 10: the ball is picked',
    'pick',
    { ...aShot(51, 3, 10), along: radians(-10) },
    'good',
  ),
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
  noMore('middle, 35 yd into 18 miles an hour: the ball is picked', 'pick', {
    ...aShot(35, 2, 12),
    wind: { x: -toMps(18, 'mph'), y: 0 },
  }),
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

/** Share of a full swing that the cheapest call with a 60 asks of an expert from a lie. */
function swingFrom(lie: Lie): number {
  const level = aShot(14, 2, 9);
  const { calls } = callsFor({ ...level, burial: burialOf(lie, level.sand) }, 'expert');
  const [best] = calls
    .filter(({ setup, toward }) => setup.club.name === '60' && toward === 0)
    .sort((a, b) => a.cost - b.cost);
  return best!.setup.fraction;
}

const deeper: Behaviour[] = (
  [
    ['clean', 'fried-egg'],
    ['fried-egg', 'plugged'],
    ['plugged', 'buried'],
  ] as const
).map(([from, to]) => ({
  name: `expert, one 60, 14 yd: the swing from ${to} is longer than from ${from} by`,
  wanted: [0, 0.25],
  unit: 'of a full one',
  got: () => swingFrom(to) - swingFrom(from),
}));

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

/** Which technique is played from where. */
export const CHOICE_BEHAVIOURS: readonly Behaviour[] = [
  ...splashedOrPicked,
  ...techniques,
  ...winds,
  ...sittingDown,
  ...deeper,
  ...fairway,
];
