import { AS_MEANT } from '@/core/model/swing/swingError';
import { effectiveLoft, headNormals } from '@/core/ground/club/geometry';
import { degrees, radians } from '@/core/ground/units/angle';
import { aBed, aShot, aSplash, CLUB_56 } from './fixtures';
import type { Behaviour } from './behaviour';
import { ballOf, callsFor, pickedWith, played, splash } from './bench';
import { CALL_BEHAVIOURS } from './callBehaviours';
import { CHOICE_BEHAVIOURS } from './choiceBehaviours';
import { LIE_BEHAVIOURS } from './lieBehaviours';
import { SOLE_BEHAVIOURS } from './soleBehaviours';

const percent = (from: number, to: number): number => 100 * (to / from - 1);

/** Splash of a 56, 15 open, 12 yards of carry. */
const TWELVE = 0.625;

const geometry: Behaviour[] = [
  {
    name: '56 opened 30: loft gained by an 8 degree lower handle',
    wanted: [2.5, 5],
    unit: 'deg',
    got: () => {
      const hold = { opening: radians(30), handleLowered: 0, shaftLean: 0 };
      const high = effectiveLoft(headNormals(CLUB_56, hold));
      return degrees(
        effectiveLoft(headNormals(CLUB_56, { ...hold, handleLowered: radians(8) })) - high,
      );
    },
  },
];

const clean: Behaviour[] = [
  ...([10, 15, 25] as const).map((face): Behaviour => ({
    name: `splash against the same swing from grass, 56, ${face} open`,
    wanted: [0.28, 0.36],
    unit: 'of grass',
    got: () => splash('56', face).ratio,
  })),
  ...(
    [
      ['60', 15, 19, 24],
      ['56', 15, 23, 28],
      ['52', 15, 28, 34],
      ['PW', 15, 33, 39],
      ['9i', 12, 38, 45],
      ['8i', 12, 42, 50],
    ] as const
  ).map(([name, face, low, high]): Behaviour => ({
    name: `full splash of a ${name}, ${face} open`,
    wanted: [low, high],
    unit: 'yd',
    got: () => splash(name, face).carryYd,
  })),
  {
    name: '12 yd splash of a 56, 15 open: launch',
    wanted: [40, 52],
    unit: 'deg',
    got: () => splash('56', 15, TWELVE).launchDeg,
  },
  {
    name: '12 yd splash of a 56, 15 open: spin',
    wanted: [1300, 4000],
    unit: 'rpm',
    got: () => splash('56', 15, TWELVE).rpm,
  },
  {
    name: '12 yd splash of a 56, 15 open: run on stimp 10',
    wanted: [15, 35],
    unit: '% of carry',
    got: () => 100 * splash('56', 15, TWELVE).run,
  },
  {
    name: 'square 9 iron splash, full: run',
    wanted: [20, 40],
    unit: '% of carry',
    got: () => 100 * splash('9i', 0).run,
  },
  {
    name: 'square 9 iron splash launches lower than a 56 by',
    wanted: [3, 15],
    unit: 'deg',
    got: () => splash('56', 0).launchDeg - splash('9i', 0).launchDeg,
  },
  {
    name: 'mark at 8 instead of 4 cm: carry',
    wanted: [-45, -30],
    unit: '%',
    got: () => percent(splash('56', 15).carryYd, splash('56', 15, 1, 0.08).carryYd),
  },
  ...(
    [
      ['soft', 'medium'],
      ['medium', 'firm'],
      ['firm', 'wet'],
    ] as const
  ).map(([softer, firmer]): Behaviour => ({
    name: `the same splash from ${firmer} instead of ${softer} sand: carry`,
    wanted: [0.5, 15],
    unit: '%',
    got: () => {
      const setup = aSplash(CLUB_56, 15);
      return percent(ballOf(setup, aBed(softer)).carryYd, ballOf(setup, aBed(firmer)).carryYd);
    },
  })),
  {
    name: 'soft sand, square, 4 degrees of bounce: what a mark 2 cm further back keeps, less that of 14 degrees, 20 open',
    wanted: [-25, -3],
    unit: 'points',
    got: () => {
      const bed = aBed('soft');
      const kept = (bounce: number, face: number): number => {
        const setup = { ...aSplash(CLUB_56, face), club: { ...CLUB_56, bounce: radians(bounce) } };
        const heavy = { ...AS_MEANT, mark: 0.02, height: 0.004 };
        return (100 * ballOf(setup, bed, heavy).carryYd) / ballOf(setup, bed).carryYd;
      };
      return kept(4, 0) - kept(14, 20);
    },
  },
];

/** The best of a few marks for a ball that is dug out with everything. */
function dug(burialMm: number, face: number, sand: 'soft' | 'medium' | 'firm' = 'medium') {
  const bed = aBed(sand, burialMm);
  const balls = [0.02, 0.03, 0.04, 0.05, 0.06].map((entry) =>
    ballOf(played('chop', '56', face, entry, bed, { shaftLean: radians(4) }), bed),
  );
  return balls.reduce((a, b) => (b.launchDeg > 25 && b.ratio > a.ratio ? b : a));
}

const buried: Behaviour[] = [
  {
    name: 'fried egg, steep, square 56: against the same swing from grass',
    wanted: [0.2, 0.3],
    unit: 'of grass',
    got: () => {
      const bed = aBed('medium', 18);
      return ballOf(played('steep', '56', 0, 0.045, bed), bed).ratio;
    },
  },
  {
    name: 'plugged (28 mm), square: against the same swing from grass',
    wanted: [0.14, 0.25],
    unit: 'of grass',
    got: () => dug(28, 0).ratio,
  },
  {
    name: 'buried (40 mm), 35 closed: against the same swing from grass',
    wanted: [0.09, 0.2],
    unit: 'of grass',
    got: () => dug(40, -35).ratio,
  },
  {
    name: 'plugged, 15 closed: spin',
    wanted: [100, 800],
    unit: 'rpm',
    got: () => dug(28, -15).rpm,
  },
  {
    name: 'plugged, 15 closed: launch',
    wanted: [25, 45],
    unit: 'deg',
    got: () => dug(28, -15).launchDeg,
  },
  {
    name: 'plugged, 35 closed at 4 cm: run against a clean splash of the same carry',
    wanted: [1.5, 6],
    unit: 'times',
    got: () => {
      const bed = aBed('medium', 28);
      const plugged = ballOf(played('chop', '56', -35, 0.035, bed), bed);
      const fraction = Math.pow(plugged.carryYd / splash('56', 15).carryYd, 1 / 1.8);
      return plugged.run / splash('56', 15, fraction).run;
    },
  },
  {
    name: 'plugged, splashed 25 open from 3 cm: sand under the ball (none: it does not get under)',
    wanted: [-30, -4],
    unit: 'mm',
    got: () => {
      const bed = aBed('medium', 28);
      return ballOf(played('splash', '56', 25, 0.03, bed), bed).cushionMm;
    },
  },
  {
    name: 'plugged in firm instead of soft sand, 35 closed over 20 open: gain of closing',
    wanted: [0.2, 12],
    unit: 'yd',
    got: () => {
      const gain = (sand: 'soft' | 'firm'): number =>
        dug(28, -35, sand).carryYd - dug(28, 20, sand).carryYd;
      return gain('firm') - gain('soft');
    },
  },
];

const slopes: Behaviour[] = [
  ...(
    [
      ['up-slope 15: launch', 15, [8, 16], 'deg', 'launchDeg'],
      ['down-slope 10: launch', -10, [-13, -6], 'deg', 'launchDeg'],
    ] as const
  ).map(([name, slope, wanted, unit, key]): Behaviour => ({
    name: `${name} against the level`,
    wanted,
    unit,
    got: () => {
      const level = aBed('medium');
      const bed = { ...level, along: radians(slope) };
      const setup = played('splash', '56', 15, 0.04, level, { fraction: TWELVE });
      const tilted = played('splash', '56', 15, 0.04, bed, { fraction: TWELVE });
      return ballOf(tilted, bed)[key] - ballOf(setup, level)[key];
    },
  })),
  {
    name: 'up-slope 15: carry against the level',
    wanted: [-40, -20],
    unit: '%',
    got: () => {
      const bed = { ...aBed('medium'), along: radians(15) };
      const tilted = played('splash', '56', 15, 0.04, bed, { fraction: TWELVE });
      return percent(splash('56', 15, TWELVE).carryYd, ballOf(tilted, bed).carryYd);
    },
  },
  {
    name: 'up-slope 15: run',
    wanted: [-5, 15],
    unit: '% of carry',
    got: () => {
      const bed = { ...aBed('medium'), along: radians(15) };
      return 100 * ballOf(played('splash', '56', 15, 0.04, bed, { fraction: TWELVE }), bed).run;
    },
  },
  {
    name: 'down-slope 10: run against the level',
    wanted: [1.3, 2.5],
    unit: 'times',
    got: () => {
      const bed = { ...aBed('medium'), along: radians(-10) };
      const tilted = played('splash', '56', 15, 0.04, bed, { fraction: TWELVE });
      return ballOf(tilted, bed).run / splash('56', 15, TWELVE).run;
    },
  },
  {
    name: "ball 10 degrees above the feet: goes to the player's side by",
    wanted: [3, 12],
    unit: 'deg',
    got: () => {
      const shot = { ...aShot(15, 3), across: radians(10) };
      const level = callsFor(aShot(15, 3)).calls.find(({ school }) => school.id === 'parallel')!;
      const above = callsFor(shot).calls.find(({ school }) => school.id === 'parallel')!;
      return degrees(level.aim - above.aim);
    },
  },
];

const picks: Behaviour[] = [
  {
    name: '8 iron picked clean: against its stock carry',
    wanted: [88, 99],
    unit: '%',
    got: () => {
      const bed = aBed('medium');
      const setup = pickedWith('8i', bed);
      return 100 * ballOf(setup, bed).ratio;
    },
  },
  {
    name: '8 iron picked, mark 2 cm heavy: carry',
    wanted: [-55, -20],
    unit: '%',
    got: () => {
      const bed = aBed('medium');
      const setup = pickedWith('8i', bed);
      const fat = { ...AS_MEANT, mark: 0.02 + 0.008 };
      return percent(ballOf(setup, bed).carryYd, ballOf(setup, bed, fat).carryYd);
    },
  },
];

/** Every statement that has a sign or a range. */
export const BEHAVIOURS: readonly Behaviour[] = [
  ...geometry,
  ...clean,
  ...SOLE_BEHAVIOURS,
  ...buried,
  ...slopes,
  ...picks,
  ...LIE_BEHAVIOURS,
  ...CHOICE_BEHAVIOURS,
  ...CALL_BEHAVIOURS,
];
