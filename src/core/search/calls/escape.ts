import { t } from '@/core/ground/language/t';
import { launchOver } from '@/core/ground/situation/lip';
import type { Player, Skill } from '@/core/ground/player/player';
import { OTHER_SCHOOLS } from '../schools/schools';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Escape, Shot } from '@/core/ground/situation/shot';
import type { SwingError } from '@/core/model/swing/swingError';
import { strokesToHoleOut } from '@/core/model/strokes/holeOut';
import { toMetres } from '@/core/ground/units/length';
import { choiceOf, type Choice } from './call';
import { familiesFor, type Family } from '../candidates/candidate';
import { coarseOf } from '../candidates/explore';
import { KIND_PRICE, pricesFor } from '../candidates/plainness';
import { race, type Field, type Round } from '../candidates/race';
import type { Rated, Rater } from '../candidates/rate';

/** Relief under penalty: no ball is struck. */
export interface OtherCall {
  school: { id: string; name: string };
  penalty: number;
  strokes: number;
  why: string;
}

/** A way out that nobody has read is taken to lie behind the player: low, with some room. */
const ASSUMED: Escape = {
  toward: Math.PI,
  lip: { height: toMetres(0.5, 'ft'), distance: toMetres(8, 'ft') },
  room: toMetres(15, 'yd'),
};

/** How far past the lip a ball played out sideways is meant to stop: half of the room, but not over this, m. */
const FAR_ENOUGH = 8;

/** Swings of the first look, those that rate a way out, and the rounds between. */
const COARSE = 16;
const SAMPLE = 1024;
const ROUNDS: readonly Round[] = [
  { swings: 128, near: Infinity, own: Infinity, most: 3 },
  { swings: SAMPLE, near: 0.06, own: Infinity, most: 2 },
];

/** Schools that play out sideways: the plain splash, the square steep dig. */
const WAYS = ['parallel', 'neutral-release', 'across', 'square-steep', 'sharp-edge'];

/** The shot of a way out: its own lip and open ground, the hole seen from its own frame. */
function shotToward(shot: Shot, escape: Escape, leftIn: number): Shot {
  const { target = escape.lip.distance + Math.min(escape.room / 2, FAR_ENOUGH), ground = 'rough' } =
    escape;
  const c = Math.cos(escape.toward);
  const s = Math.sin(escape.toward);
  return {
    ...shot,
    carry: undefined,
    clear: undefined,
    pin: target,
    edge: escape.lip.distance,
    back: escape.lip.distance + escape.room,
    lip: escape.lip,
    // Ground tilts turn with the player: an up-slope is a down-slope from the other side.
    along: shot.along * c + shot.across * s,
    across: shot.across * c - shot.along * s,
    wind: { x: shot.wind.x * c - shot.wind.y * s, y: shot.wind.y * c + shot.wind.x * s },
    leftIn,
    away: { holeX: shot.pin * c, holeY: shot.pin * s, ground },
  };
}

/** Families that play out sideways, the most lofted wedges first. */
function families(player: Player, shot: Shot): Family[] {
  const { families: all } = familiesFor(player, shot, WAYS);
  const lofts = [...new Set(all.map(({ club }) => club.loft))].sort((a, b) => b - a).slice(0, 3);
  return all.filter(({ club }) => lofts.includes(club.loft));
}

/** The way out that was chosen in one direction: its shot, its set-up and what it costs. */
export interface WayOut {
  toward: number;
  shot: Shot;
  rated: Rated;
  cost: number;
}

/** Ways out, what a ball left in costs at most, whether the way was assumed, and shots flown. */
export interface Escapes {
  ways: WayOut[];
  leftIn: number;
  assumed: boolean;
  flown: number;
}

/** Who plays out of a shot's sand, and how that is judged. */
export interface Leaving {
  player: Player;
  golfer: Golfer;
  shot: Shot;
  swings: readonly SwingError[];
  caution: number;
}

/** What a ball left in costs where nobody looks further. */
const leftInOnAverage = ({ shot, golfer }: Pick<Leaving, 'shot' | 'golfer'>): number =>
  strokesToHoleOut('sand', shot.pin, golfer.skill) + hardship(shot);

/**
 * The best way out in one direction, by at most so many of the swings; null where nothing gets out there.
 *
 * @returns with it the shots that were flown
 */
export function wayOutToward(
  leaving: Leaving,
  { toward, ...escape }: Escape,
  sample = SAMPLE,
): { way: WayOut | null; flown: number } {
  const { player, golfer, shot, swings, caution } = leaving;
  const turned = shotToward(shot, { toward, ...escape }, leftInOnAverage(leaving));
  const price = pricesFor(player, turned);
  const rater: Rater = { golfer, shot: turned, swings, caution, price, flown: 0 };
  const first = coarseOf(families(player, turned), rater, COARSE).flatMap((found) => found.rated);
  const [rated] = ROUNDS.reduce<Field>(
    (field, round) => race(field, rater, { ...round, swings: Math.min(round.swings, sample) }),
    { going: first, dropped: [] },
  ).going;
  const way = rated
    ? { toward, shot: turned, rated, cost: rated.cost + KIND_PRICE['out-sideways'] }
    : null;
  return { way, flown: rater.flown };
}

/** The best of every way out that was read (or the assumed one), and what a ball left in then costs at most. */
export function waysOut(leaving: Leaving): Escapes {
  const { escapes } = leaving.shot;
  const assumed = escapes.length === 0;
  const found = (assumed ? [ASSUMED] : escapes).map((escape) => wayOutToward(leaving, escape));
  const ways = found.flatMap(({ way }) => way ?? []);
  return {
    ways,
    leftIn: Math.min(leftInOnAverage(leaving), ...ways.map(({ rated }) => rated.odds.strokes)),
    assumed,
    flown: found.reduce((sum, { flown }) => sum + flown, 0),
  };
}

/** A way out as what was chosen. */
export const wayOutChoice = ({ toward, shot, rated, cost }: WayOut): Choice =>
  choiceOf({ ...rated, cost }, shot, {
    kind: 'out-sideways',
    toward,
    name: OTHER_SCHOOLS.sideways,
  });

/** What a hard situation adds to the average of the tables for a ball that stays in it, strokes. Tuned. */
function hardship(shot: Shot): number {
  const steepness = launchOver(shot.lip);
  return 0.5 * Math.max(0, steepness - 0.35) + 8 * Math.max(0, shot.burial - 0.006);
}

/** Distance back on the line at which a ball dropped outside the bunker is played, m past the bunker. */
const DROPPED_BACK = toMetres(12, 'yd');

/**
 * Relief for an unplayable ball: inside the bunker for one penalty stroke, back on the line outside it for two, with
 * what it costs on average. The Rules in force decide what may be done.
 */
export function reliefCalls(shot: Shot, skill: Skill): OtherCall[] {
  const inside =
    1 + strokesToHoleOut('sand', shot.pin, skill) + hardship({ ...shot, burial: 0 }) / 2;
  const outside = 2 + strokesToHoleOut('fairway', shot.pin + DROPPED_BACK, skill);
  return [
    {
      school: OTHER_SCHOOLS.reliefInside,
      penalty: 1,
      strokes: inside,
      why: t('One penalty stroke and a clean lie in the same sand, further from the lip.'),
    },
    {
      school: OTHER_SCHOOLS.reliefOutside,
      penalty: 2,
      strokes: outside,
      why: t('Two penalty strokes and a ball on grass behind the bunker.'),
    },
  ].sort((a, b) => a.strokes - b.strokes);
}
