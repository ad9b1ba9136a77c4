import { fact } from '@/core/ground/fact/fact';
import { toMetres } from '@/core/ground/units/length';
import { clamp } from '@/core/ground/numeric/soft';
import type { Beyond } from '@/core/ground/situation/green';
import type { Escape, Lip } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { faulty } from '@/core/contract/check/fault';
import { towardBearing, turnedRight, ahead } from '../outline/direction';
import { apart, crossingsOf, type Point } from '../outline/ring';
import { pointOf, type Flag } from '../record/place';
import {
  shapeAt,
  type DrawnBunker,
  type DrawnGreen,
  type DrawnPlace,
  type Lying,
} from './drawnPlace';
import { floorAt } from './floor';
import { profileFrom, SIGHT, type Stretch } from './profile';

/** A ball in the sand of a place, and the flag that is played at. */
export interface Spot {
  bunker: DrawnBunker;
  ball: Point;
  green: DrawnGreen;
  flag: Flag;
}

/** What is read off the ground along the line from a ball to a flag: SI units, slopes as a right-hander stands to them. */
export interface Sight {
  /** The direction of the flag. */
  toward: Point;
  pin: number;
  edge: number;
  back: number;
  lip: Lip;
  /** Far edge of what must be carried before the flag; absent when nothing must. */
  clear?: number;
  along: number;
  across: number;
  greenSlope: number;
  beyond: Beyond;
  stretches: Stretch[];
  /** Standard uncertainty of the lip's distance, of its height and of the flag's distance, m. */
  spread: { distance: number; height: number; pin: number };
}

/** How far past the green is looked for what lies there, m. */
const PAST = 8;

/** What lies past a green, the worst first. */
const WORST: readonly [Lying, Beyond][] = [
  ['out-of-bounds', 'out-of-bounds'],
  ['water', 'water'],
  ['sand', 'bunker'],
  ['rough', 'rough'],
  ['fairway', 'fringe'],
  ['fringe', 'fringe'],
];

/** What nobody wants to come down in. */
const TROUBLE: readonly Lying[] = ['sand', 'water', 'out-of-bounds'];

const isTrouble = ({ lying }: Stretch): boolean => TROUBLE.includes(lying);

/** A lip is never nearer than this, m: the ball lies in the sand. */
const NEAREST_LIP = 0.3;

/** A flag was set and seen to a pace. */
const FLAG_SPREAD = 0.5;

const dot = ([ax, ay]: Point, [bx, by]: Point): number => ax * bx + ay * by;

/**
 * Finds a ball and a flag.
 *
 * @param at the bunker by its id, or absent for the one that the ball lies in
 * @throws FaultyInput naming what is not there, or that the ball is not in the sand
 */
export function spotAt(
  place: DrawnPlace,
  at: { bunker?: string; ball: Point; green: string; flag: string },
): Spot {
  const under = shapeAt(place, at.ball);
  const bunker = place.bunkers.find(({ id }) => id === (at.bunker ?? under?.id));
  const green = place.greens.find(({ id }) => id === at.green);
  const flag = green?.green.flags.find(({ id }) => id === at.flag);
  if (!bunker && at.bunker === undefined) {
    throw faulty('ball', fact('sight.notInSand'));
  }
  if (!bunker) {
    throw faulty('bunker', fact('sight.noBunker', { id: at.bunker! }));
  }
  if (!green) {
    throw faulty('green', fact('sight.noGreen', { id: at.green }));
  }
  if (!flag) {
    throw faulty('flag', fact('sight.noFlag', { id: at.flag }));
  }
  if (under?.id !== bunker.id) {
    throw faulty('ball', fact('sight.notInThisSand', { name: bunker.name }));
  }
  return { bunker, ball: at.ball, green, flag };
}

/** The lip that a ball meets in a direction: where its sand ends first. */
export function lipToward({ bunker, ball }: Pick<Spot, 'bunker' | 'ball'>, toward: Point): Lip {
  const [crossing] = crossingsOf(bunker.ring, ball, toward);
  if (!crossing) throw new RangeError('lipToward: the ball does not lie in the sand');
  const { distance, corner, share } = crossing;
  const a = bunker.lips[corner]!;
  const b = bunker.lips[(corner + 1) % bunker.lips.length]!;
  const foot = floorAt(bunker.bunker, ahead(ball, toward, distance)).height;
  const above = foot - floorAt(bunker.bunker, ball).height;
  const overhang = a.overhang + share * (b.overhang - a.overhang);
  return {
    height: Math.max(0, a.height + share * (b.height - a.height) + above),
    distance: Math.max(NEAREST_LIP, distance - overhang),
  };
}

/**
 * What is read off the ground for a ball and a flag.
 *
 * @throws FaultyInput when the flag is nearer than anybody plays at, or not on its green along the line
 */
export function sightOf(place: DrawnPlace, spot: Spot): Sight {
  const { bunker, ball, green, flag } = spot;
  const hole = pointOf(flag);
  const pin = apart(ball, hole);
  const toward: Point = [(hole[0] - ball[0]) / pin, (hole[1] - ball[1]) / pin];
  const stretches = profileFrom(place, ball, toward);
  const played = stretches.find((each) => each.from <= pin && pin <= each.to);
  if (played?.id !== green.id) {
    throw faulty('flag', fact('sight.flagOffGreen', { green: green.name }));
  }
  const lip = lipToward(spot, toward);
  const exit = stretches[0]!.to;
  const carried = stretches.filter((each) => each.from >= exit && each.to <= played.from);
  const clear = carried.filter(isTrouble).at(-1)?.to;
  const past = stretches.filter((each) => each.from < played.to + PAST && each.to > played.to);
  const floor = floorAt(bunker.bunker, ball);
  const [ux, uy] = towardBearing(green.green.slope.uphill_deg);
  const rise = Math.tan(radians(green.green.slope.tilt_deg));
  const { measured } = bunker.bunker;
  return {
    toward,
    pin,
    edge: played.from,
    back: played.to,
    lip,
    ...(clear === undefined ? {} : { clear }),
    along: Math.atan(dot(floor.rise, toward)),
    across: Math.atan(dot(floor.rise, turnedRight(toward, Math.PI / 2))),
    greenSlope: Math.atan(rise * dot([ux, uy], toward)),
    beyond: WORST.find(([lying]) => past.some((each) => each.lying === lying))?.[1] ?? 'rough',
    stretches,
    spread: {
      distance: measured.spread_m,
      height: measured.lip_spread_m,
      pin: Math.hypot(measured.spread_m, FLAG_SPREAD),
    },
  };
}

/** How far past the lip a ball is meant to stop that only is to get out, m. */
const FAR_ENOUGH = 8;

/** Least and most room of a way out, m; a ball meant for a green stays so far within its edges. */
const ROOM = [1, 100] as const;
const WITHIN = toMetres(1, 'yd');

/**
 * The way out of the sand in one direction: the lip there, the room past it before the next trouble, and where a ball is meant to
 * stop: beside the hole where the line passes it on the green, else so far past the lip.
 *
 * @param turned from the line to the flag to the right, radians
 */
export function wayFrom(place: DrawnPlace, spot: Spot, turned: number): Escape {
  const { ball, flag, green } = spot;
  const hole = pointOf(flag);
  const pin = apart(ball, hole);
  const toFlag: Point = [(hole[0] - ball[0]) / pin, (hole[1] - ball[1]) / pin];
  const toward = turnedRight(toFlag, turned);
  const [sand, ...open] = profileFrom(place, ball, toward);
  const exit = sand!.to;
  const danger = open.find((each) => isTrouble(each) && each.to - each.from > 0.3);
  const room = clamp((danger?.from ?? SIGHT) - exit, ...ROOM);
  const beside = dot([hole[0] - ball[0], hole[1] - ball[1]], toward);
  const putting = open.find(
    (each) =>
      each.id === green.id && each.from <= beside && beside <= each.to && each.to <= exit + room,
  );
  const target = putting
    ? clamp(
        beside,
        Math.min(putting.from + WITHIN, putting.to),
        Math.max(putting.from, putting.to - WITHIN),
      )
    : exit + Math.min(room / 2, FAR_ENOUGH);
  const lying = open.find((each) => each.from <= target && target <= each.to)?.lying ?? 'rough';
  return {
    toward: turned,
    lip: lipToward(spot, toward),
    room,
    target,
    ground: lying === 'sand' || lying === 'water' || lying === 'out-of-bounds' ? 'rough' : lying,
  };
}
