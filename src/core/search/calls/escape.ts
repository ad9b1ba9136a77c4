import { fact, type Fact } from '@/core/ground/fact/fact';
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
import { raceThrough, type Round } from '../candidates/race';
import type { Rated, Rater } from '../candidates/rate';
import { startedFrom, startOf, type Start } from '../candidates/starts';

/** Relief under penalty: no ball is struck. */
export interface OtherCall {
  school: { id: string };
  penalty: number;
  strokes: number;
  why: Fact;
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
/** Swings that rate one which was found before. */
const ROUGH = 256;
const ROUNDS: readonly Round[] = [
  { swings: 128, near: Infinity, own: Infinity, most: 3 },
  { swings: SAMPLE, near: 0.06, own: Infinity, most: 2 },
];

/** Schools that play out sideways: the plain splash, those for slopes and for hard ground, the dig. */
const WAYS = [
  'parallel',
  'neutral-release',
  'across',
  'with-the-slope',
  'down-the-slope',
  'square-and-chip',
  'square-steep',
  'sharp-edge',
];

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

/** What rates set-ups in one direction, and what a rated one is as a way out. */
function turnedTo(
  leaving: Leaving,
  escape: Escape,
): { rater: Rater; wayOf: (rated: Rated) => WayOut } {
  const { player, golfer, swings, caution } = leaving;
  const shot = shotToward(leaving.shot, escape, leftInOnAverage(leaving));
  const { toward } = escape;
  return {
    rater: { golfer, shot, swings, caution, price: pricesFor(player, shot), flown: 0 },
    wayOf: (rated) => ({
      toward,
      shot,
      rated,
      cost: rated.cost + KIND_PRICE['out-sideways'],
    }),
  };
}

/**
 * The best way out in one direction, by at most so many of the swings; null where nothing gets out there.
 *
 * @returns with it the shots that were flown
 */
export function wayOutToward(
  leaving: Leaving,
  escape: Escape,
  sample = SAMPLE,
): { way: WayOut | null; flown: number } {
  const { rater, wayOf } = turnedTo(leaving, escape);
  const first = coarseOf(families(leaving.player, rater.shot), rater, COARSE).flatMap(
    (found) => found.rated,
  );
  const rounds = ROUNDS.map((round) => ({ ...round, swings: Math.min(round.swings, sample) }));
  const [rated] = raceThrough(first, rater, rounds).going;
  return { way: rated ? wayOf(rated) : null, flown: rater.flown };
}

/** A way out that was found for one shot, as far as another may start from it. */
export interface WayStart {
  toward: number;
  start: Start;
}

/** What another shot may start from. */
export const wayStartOf = ({ toward, shot, rated }: WayOut): WayStart => ({
  toward,
  start: startOf(rated, shot.pin),
});

/** {@link waysOut} where each is played as it was found for a shot like this one. */
export function waysOutFrom(leaving: Leaving, known: readonly WayStart[]): Escapes {
  return gathered(leaving, (escape) => {
    const way = known.find(({ toward }) => toward === escape.toward);
    if (!way) return { way: null, flown: 0 };
    const { rater, wayOf } = turnedTo(leaving, escape);
    const [rated] = startedFrom([way.start], leaving.player.bag, rater, ROUGH);
    return { way: rated ? wayOf(rated) : null, flown: rater.flown };
  });
}

/** The best of every way out that was read (or the assumed one), and what a ball left in then costs at most. */
export const waysOut = (leaving: Leaving): Escapes =>
  gathered(leaving, (escape) => wayOutToward(leaving, escape));

/** Every way out that was read, or the assumed one, as `find` finds it. */
function gathered(
  leaving: Leaving,
  find: (escape: Escape) => ReturnType<typeof wayOutToward>,
): Escapes {
  const { escapes } = leaving.shot;
  const assumed = escapes.length === 0;
  const found = (assumed ? [ASSUMED] : escapes).map(find);
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
    called: OTHER_SCHOOLS.sideways.id,
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
      why: fact('relief.inTheBunker'),
    },
    {
      school: OTHER_SCHOOLS.reliefOutside,
      penalty: 2,
      strokes: outside,
      why: fact('relief.outside'),
    },
  ].sort((a, b) => a.strokes - b.strokes);
}
