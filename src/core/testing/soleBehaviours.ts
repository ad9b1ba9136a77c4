import type { Behaviour } from './behaviour';
import { thinChance } from './bench';
import { aShot, aSplash } from './fixtures';
import {
  advisedBounces,
  bestFace,
  bestStrokes,
  digOut,
  heavyShare,
  keptHeavy,
  markSpan,
  sixteen,
  strokesAtFaces,
  wedge,
} from './soles';

/*
 * What coaches say of bounce and sand, as far as it can be put in numbers. The ranges come from what they say: nothing
 * measured was found that was published. A middle player with one 56 wedge, 16 yards over a knee-high lip, unless said.
 */

const SKILLS = ['beginner', 'middle', 'expert'] as const;

/** Why bounce saves fewer heavy shots here than coaches see. */
const HELD_UP =
  'ten degrees of bounce hold the edge about 1 mm higher under the ball, 2 mm when the mark is 2 cm too far back: that is what the lift of a planing plate gives in the few thousandths of a second that the sand takes. Through the cushion it is worth 4 points. More would need a lift past every published one, or a head that twists as its edge digs, which is not in the model.';

const heavy: Behaviour[] = (
  [
    ['powder', 3, [6, 25]],
    ['powder', 20, [2, 12]],
    ['soft', 3, [6, 25]],
    ['soft', 20, [2, 12]],
  ] as const
).map(([sand, face, wanted]) => ({
  name: `${sand}, ${face} open: heavy (under 60 % of the carry) with 4 of bounce, less with 14`,
  wanted,
  unit: 'points',
  got: () => heavyShare(4, face, sand) - heavyShare(14, face, sand),
  ...(face < 5 ? { excuse: { why: HELD_UP, stands: [3, 6] } } : {}),
}));

/** Strokes that the better bounce saves each skill over the worse one. */
const savings = (
  sand: 'powder' | 'wet' | 'hardpan',
  better: number,
  worse: number,
  ranges: readonly (readonly [number, number])[],
): Behaviour[] =>
  SKILLS.map((skill, i) => ({
    name: `${sand}, ${skill}: best call with ${better} of bounce saves over the best with ${worse}`,
    wanted: ranges[i]!,
    unit: 'strokes',
    got: () => bestStrokes(worse, sixteen(sand), skill) - bestStrokes(better, sixteen(sand), skill),
  }));

const ON_HARD = [
  [0.05, 0.3],
  [0.03, 0.2],
  [0, 0.08],
] as const;

const medium = (bounce: number): number =>
  strokesAtFaces(sixteen('medium'), [0, 10, 20, 30], bounce);
const mediumBest = (): number => Math.min(...[8, 10, 12, 14].map(medium));

/** Why medium sand hardly tells soles apart. */
const FLAT =
  'in medium sand what bounce saves on heavy strikes it costs on thin ones: from 4 to 14 degrees the best calls of a middle player differ by about half a tie.';

const bounce: Behaviour[] = [
  ...savings('powder', 14, 4, [
    [0.03, 0.3],
    [0.015, 0.2],
    [0, 0.06],
  ]),
  ...savings('wet', 4, 14, ON_HARD),
  ...savings('hardpan', 4, 14, ON_HARD),
  {
    name: 'powder: the best face with 4 of bounce is more open than with 14 by',
    wanted: [5, 25],
    unit: 'deg',
    got: () => bestFace(4, sixteen('powder')) - bestFace(14, sixteen('powder')),
    excuse: {
      why: 'opening does stand in for bounce, but what it costs in distance and aim is the same for either sole, and past 25 degrees it costs more than any bounce is worth: the best faces lie 2 to 3 degrees apart.',
      stands: [1.5, 5],
    },
  },
  ...[4, 16].map((deg): Behaviour => ({
    name: `medium: ${deg} of bounce costs over the best of 8 to 14`,
    wanted: [0.01, 0.08],
    unit: 'strokes',
    got: () => medium(deg) - mediumBest(),
    ...(deg === 4 ? { excuse: { why: FLAT, stands: [0.003, 0.01] } } : {}),
  })),
  {
    name: 'audit: bounce advised for powder over that for wet sand, less any step down from wet over firm, medium and soft',
    wanted: [4, 13],
    unit: 'deg',
    got: () => {
      const advised = advisedBounces(['wet', 'firm', 'medium', 'soft', 'powder']);
      const stepsDown = advised.slice(1).map((deg, i) => Math.max(0, advised[i]! - deg));
      return advised.at(-1)! - advised[0]! - 20 * Math.max(...stepsDown);
    },
  },
];

const thin = (
  [
    ['hardpan', [15, 60]],
    ['firm', [8, 30]],
    ['wet', [10, 35]],
  ] as const
).map(([sand, wanted]): Behaviour => ({
  name: `${sand}: thin, 30 open and 14 of bounce, over square and 6`,
  wanted,
  unit: 'points',
  got: () => {
    const chance = (deg: number, face: number): number => {
      const setup = aSplash(wedge(deg), face, 0.025, 0.55);
      return 100 * thinChance(setup, aShot(15, 1, 8, sand));
    };
    return chance(14, 30) - chance(6, 0);
  },
}));

const faces: Behaviour[] = [
  ...(['wet', 'firm'] as const).map((sand): Behaviour => ({
    name: `${sand}: best call 25 or more open costs over the best within 10 of square`,
    wanted: [0.03, 0.2],
    unit: 'strokes',
    got: () =>
      strokesAtFaces(sixteen(sand), [25, 32, 40]) - strokesAtFaces(sixteen(sand), [0, 5, 10]),
  })),
  ...(['powder', 'soft'] as const).map((sand): Behaviour => ({
    name: `${sand}: best call within 5 of square costs over the best 15 or more open`,
    wanted: [0.04, 0.2],
    unit: 'strokes',
    got: () =>
      strokesAtFaces(sixteen(sand), [0, 5]) - strokesAtFaces(sixteen(sand), [15, 22, 30, 38]),
  })),
  {
    name: 'dry crust over packed wet sand: called squarer than dry medium sand by',
    wanted: [5, 45],
    unit: 'deg',
    got: () =>
      bestFace(10, sixteen('medium')) - bestFace(10, sixteen({ preset: 'medium', crust: true })),
  },
  {
    name: 'sand 12 mm deep on a hard base: called squarer than deep medium sand by',
    wanted: [5, 45],
    unit: 'deg',
    got: () =>
      bestFace(10, sixteen('medium')) - bestFace(10, sixteen({ preset: 'medium', depth: 0.012 })),
  },
];

const forgiveness: Behaviour[] = [
  {
    name: 'soft: marks that carry within 30 % of what is meant, 14 of bounce over 6',
    wanted: [1.1, 1.6],
    unit: 'times',
    got: () => markSpan(14) / markSpan(6),
  },
  {
    name: 'soft, mark 3 cm further back: a splashed 9 iron keeps less than a 52 by',
    wanted: [3, 20],
    unit: 'points',
    got: () => keptHeavy('52') - keptHeavy('9i'),
  },
  {
    name: 'expert, buried to the crown in firm sand, 12 yd, low lip: a dig comes out',
    wanted: [4, 8],
    unit: 'in 10',
    got: () => digOut({ ...aShot(12, 1, 8, 'firm'), burial: 0.04 }, 'expert'),
  },
  {
    name: 'plugged in soft sand, low lip: the best dig comes out',
    wanted: [6, 8],
    unit: 'in 10',
    got: () => digOut({ ...aShot(14, 1, 8, 'soft'), burial: 0.028 }, 'middle'),
  },
];

/** What bounce and sand do, statement by statement. */
export const SOLE_BEHAVIOURS: readonly Behaviour[] = [
  ...heavy,
  ...bounce,
  ...thin,
  ...faces,
  ...forgiveness,
];
