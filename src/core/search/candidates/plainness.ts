import type { Club } from '@/core/ground/club/club';
import { clamp } from '@/core/ground/numeric/soft';
import type { Player, Skill } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import { presetSand, type Sand } from '@/core/ground/sand/presets';
import { distrusted, hardness } from '@/core/ground/sand/trust';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import type { Setup } from '@/core/model/swing/setup';
import type { Kind, School } from '../schools/school';

/**
 * The one rule for what cannot be told apart: every departure from the plain, usual way of playing a shot has a small price in
 * strokes, and the call is what costs least with its price. So the plain set-up is called unless another saves more than its
 * price, the answer moves smoothly with the situation, and it does not hang on the sample. In this order of weight:
 *
 * 1. a school that the house or the player prefers ({@link PREFERENCE_STROKES});
 * 2. the club that the player trusts from sand, else the usual club for the shot;
 * 3. the plain kind of shot, the plain school, a comfortable swing, the ball meant to stop at the flag;
 * 4. the squarer face.
 *
 * All prices are tuned: together they stay near a tie ({@link TIE_STROKES}), and each stays below the one before it.
 */

/** A preferred school is called while it costs no more than this over the best, strokes. */
export const PREFERENCE_STROKES = 0.15;

/** Another club than the one that is trusted. */
const TRUST = 0.02;

/** A step of four degrees further from the usual loft than the bag must go; three steps are as odd as any. */
const STEP = { price: 0.014, degrees: 4, most: 3 } as const;

/** A school as odd as `fuss: 1`, and a kind of shot. */
const SCHOOL = 0.02;
export const KIND_PRICE: Record<Exclude<Kind, 'pick'>, number> = {
  splash: 0,
  'long-splash': 0,
  dig: 0,
  putt: 0,
  chip: 0.012,
  'out-sideways': 0.02,
  relief: 0.04,
};

/** A technique that has to be practised before it is played. */
const TRICK = 0.15;

/**
 * A picked ball, up to a distance, m, and none from another on: coaches call the half wedge picked from sand the shot to avoid,
 * the later the weaker a striker is.
 */
const GOOD_STRIKER = { full: toMetres(55, 'yd'), none: toMetres(65, 'yd') };
const OTHERS = { full: toMetres(65, 'yd'), none: toMetres(76, 'yd') };
const PICK: Record<Skill, { price: number; full: number; none: number }> = {
  expert: { price: 0.03, ...GOOD_STRIKER },
  good: { price: 0.06, ...GOOD_STRIKER },
  middle: { price: 0.1, ...OTHERS },
  beginner: { price: 0.1, ...OTHERS },
};

/** Hardness of medium and of firm sand, Pa. */
const MEDIUM = hardness(presetSand('medium'));
const FIRM = hardness(presetSand('firm'));

/** By how much that price is multiplied in sand as loose as it comes, and in firm sand; it is as it stands in medium sand. */
const PICKED_FROM = { loose: 3, firm: 0.5 } as const;

/** Loose sand gives under a head that comes a hair behind the ball; firm sand lets a ball be met first. */
function pickedFrom(sand: Sand): number {
  const above = hardness(sand) - MEDIUM;
  const firm = clamp(above / (above < 0 ? MEDIUM : FIRM - MEDIUM), -1, 1);
  return firm < 0 ? 1 - (PICKED_FROM.loose - 1) * firm : 1 - (1 - PICKED_FROM.firm) * firm;
}

function pickPrice({ pin, sand }: Shot, skill: Skill): number {
  const { price, full, none } = PICK[skill];
  return price * pickedFrom(sand) * clamp((none - pin) / (none - full), 0, 1);
}

/** A full swing over a comfortable one, as shares of full head speed. */
const COMFORTABLE = 0.78;
const FORCED = 0.08;

/** A degree of face, and one beyond what coaches open the face to in such a shot, degrees. */
const FACE = 0.0004;
const WIDE_OPEN = 0.0012;
const USUAL_FACE = { plain: 25, perLoft: 3.75, least: 20, most: 40 } as const;

/** A metre by which the ball is meant to stop past the flag. */
const PAST = 0.0015;
const MOST_PAST = 5;

/** What coaches reach for when several clubs would do: loft, degrees, by the distance to the flag, yd. */
const USUAL_LOFT: readonly (readonly [yards: number, loft: number])[] = [
  [9, 60],
  [14, 56],
  [30, 56],
  [36, 54],
  [55, 42],
  [75, 36],
];

/** A lip from this high, m, on, and nearer than this, asks for the most loft. */
const HIGH_LIP = { from: toMetres(3, 'ft'), full: toMetres(5, 'ft') } as const;
const NEAR_LIP = { full: toMetres(10, 'ft'), to: toMetres(20, 'ft') } as const;
const MOST_LOFT = 60;
const PLAIN_LOFT = 56;

/** A ball buried more than this is dug out with the most loft, m. */
const BURIED = 0.02;

function alongTable(x: number): number {
  const after = USUAL_LOFT.findIndex(([yards]) => yards > x);
  if (after === 0) return USUAL_LOFT[0]![1];
  if (after < 0) return USUAL_LOFT.at(-1)![1];
  const [x0, y0] = USUAL_LOFT[after - 1]!;
  const [x1, y1] = USUAL_LOFT[after]!;
  return y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
}

/**
 * Loft that coaches reach for from sand when several clubs would do, degrees: the most loft from short and over a high lip, 56
 * for the plain splash, less and less loft for a long one.
 *
 * @example
 * // 18 m from the flag, a lip of half a metre.
 * usualLoft({ pin: 18, lip: { height: 0.5, distance: 2.5 }, burial: 0 }); // => 56
 */
export function usualLoft({ pin, lip, burial }: Pick<Shot, 'pin' | 'lip' | 'burial'>): number {
  if (burial > BURIED) return MOST_LOFT;
  const high = clamp((lip.height - HIGH_LIP.from) / (HIGH_LIP.full - HIGH_LIP.from), 0, 1);
  const near = clamp((NEAR_LIP.to - lip.distance) / (NEAR_LIP.to - NEAR_LIP.full), 0, 1);
  const plain = alongTable(fromMetres(pin, 'yd'));
  return plain + high * near * Math.max(0, MOST_LOFT - plain);
}

/** Share of the usual opening that is left in sand which is hard, or lies on a hard base. */
const SQUARER = 0.1;

/**
 * How far coaches open a face in a shot, degrees: further the more loft it asks for, and hardly where the sole would meet something
 * hard.
 */
function usualFace(shot: Shot): number {
  const { plain, perLoft, least, most } = USUAL_FACE;
  const { hard, base } = distrusted(shot.sand);
  const open = clamp(plain + perLoft * (usualLoft(shot) - PLAIN_LOFT), least, most);
  return open * (1 - (1 - SQUARER) * Math.max(hard, base));
}

/** Kinds for which there is a usual club; the others take what the distance asks for. */
const HAS_USUAL: readonly Kind[] = ['splash', 'long-splash', 'dig'];

/** How far each club of a bag is from the usual one, in steps over the nearest; by name. */
function stepsFromUsual(bag: readonly Club[], shot: Shot): Map<string, number> {
  const usual = usualLoft(shot);
  const away = bag.map(({ name, loft }) => [name, Math.abs(degrees(loft) - usual)] as const);
  const nearest = Math.min(...away.map(([, by]) => by));
  return new Map(
    away.map(([name, by]) => [name, Math.min(STEP.most, (by - nearest) / STEP.degrees)]),
  );
}

/** True of the club that coaches reach for in this shot, of those in the bag. */
export const isUsual = (club: Club, kind: Kind, bag: readonly Club[], shot: Shot): boolean =>
  HAS_USUAL.includes(kind) && stepsFromUsual(bag, shot).get(club.name) === 0;

/** Prices a set-up of a school, meant to stop at this distance, m: strokes that it must save to be called. */
export type Price = (setup: Setup, school: School, finishX: number) => number;

/**
 * The prices in one situation.
 *
 * @param preferred ids of schools
 */
export function pricesFor(
  player: Pick<Player, 'bag' | 'trusted' | 'skill'>,
  shot: Shot,
  preferred: readonly string[] = [],
): Price {
  const steps = stepsFromUsual(player.bag, shot);
  const face = usualFace(shot);
  const kindPrice = { ...KIND_PRICE, pick: pickPrice(shot, player.skill) };
  const trusted = player.bag.some(({ name }) => name === player.trusted) ? player.trusted : null;
  const clubPrice = (name: string): number =>
    name === trusted ? 0 : (trusted ? TRUST : 0) + STEP.price * steps.get(name)!;
  return (setup, school, finishX) => {
    const { club, opening, fraction } = setup;
    return (
      (HAS_USUAL.includes(school.kind) && !school.laysUp ? clubPrice(club.name) : 0) +
      kindPrice[school.kind] +
      SCHOOL * school.fuss +
      (school.trick ? TRICK : 0) +
      FORCED * Math.max(0, fraction - COMFORTABLE) +
      FACE * Math.abs(degrees(opening)) +
      WIDE_OPEN * Math.max(0, degrees(opening) - face) +
      PAST * Math.min(MOST_PAST, Math.abs(finishX - shot.pin)) -
      (preferred.includes(school.id) ? PREFERENCE_STROKES : 0)
    );
  };
}
