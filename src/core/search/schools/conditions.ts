import { fact, type Fact } from '@/core/ground/fact/fact';
import { isSunk, sitsDown } from '@/core/ground/sand/lie';
import { hardness, isThin } from '@/core/ground/sand/trust';
import type { Club } from '@/core/ground/club/club';
import type { Shot } from '@/core/ground/situation/shot';
import { degrees } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import type { ClubRule } from './school';

/* The conditions that schools are made of, each a reason why not, or null. */

export type Condition = (shot: Shot) => Fact | null;

/** All of the conditions: the first reason that any of them gives. */
export const all =
  (...conditions: Condition[]): Condition =>
  (shot) => {
    for (const condition of conditions) {
      const reason = condition(shot);
      if (reason) return reason;
    }
    return null;
  };

export const ballSits: Condition = (shot) => (isSunk(shot.burial) ? fact('unfit.tooDeep') : null);

export const ballClean: Condition = (shot) =>
  sitsDown(shot.burial) ? fact('unfit.sitsDown') : null;

export const ballDown: Condition = (shot) => (sitsDown(shot.burial) ? null : fact('unfit.sitsUp'));

export const ballSunk: Condition = (shot) => (isSunk(shot.burial) ? null : fact('unfit.notSunk'));

/** Strength from which sand counts as firm, Pa: half way from medium to firm. Sand over a near base counts whatever it is. */
const FIRM_FROM = 1.8e5;

/** How firm, wet or thin sand is, so that a club does not sink into it, Pa. */
const firmness = ({ sand }: Shot): number => hardness(sand) + (isThin(sand) ? FIRM_FROM : 0);

export const sandFirm: Condition = (shot) =>
  firmness(shot) < FIRM_FROM ? fact('unfit.takesSplash') : null;

/** Sand so loose that a square face with little bounce digs, Pa. */
const LOOSE = 35e3;

export const isLoose = ({ sand }: Pick<Shot, 'sand'>): boolean => hardness(sand) < LOOSE;

/** For set-ups whose edge would dig. */
export const sandHolds: Condition = (shot) => (isLoose(shot) ? fact('unfit.loose') : null);

/** Sand that gives, so that a head can go through it. */
export const sandGives: Condition = (shot) =>
  firmness(shot) < FIRM_FROM ? null : fact('unfit.firm');

/** For sand that is deep enough to dig into. */
export const sandDeep: Condition = ({ sand }) => (isThin(sand) ? fact('unfit.thin') : null);

/** Slopes along the line from which on they have techniques of their own, degrees. */
const DOWN_FROM = 4;
const UP_FROM = 12;

/** For set-ups that a slope along the line spoils. */
export const slopeGentle: Condition = (shot) =>
  degrees(shot.along) <= -DOWN_FROM || degrees(shot.along) >= UP_FROM ? fact('unfit.steep') : null;

export const upSlope: Condition = (shot) =>
  degrees(shot.along) < 4 ? fact('unfit.noUpSlope') : null;

/** Ground no steeper along the line than this, degrees. */
export const noSteeperThan =
  (deg: number, reason: Fact): Condition =>
  (shot) =>
    Math.abs(degrees(shot.along)) > deg ? reason : null;

/** Ground on which a ball can be met before the sand: no steeper along the line than this, degrees. */
export const meetsFirst = (deg: number): Condition =>
  noSteeperThan(deg, fact('unfit.tooSteepToMeet'));

export const downSlope: Condition = (shot) =>
  degrees(shot.along) > -DOWN_FROM ? fact('unfit.noDownSlope') : null;

/** Sand thinner than this over its base leaves a club no room to slide, m. */
const THIN_SAND = 0.008;

export const roomUnder: Condition = ({ sand }) =>
  sand.baseDepth < THIN_SAND ? fact('unfit.noRoomUnder') : null;

/** A lip that a low ball flies over: knee-high at most, and flat enough. */
export const lipLow: Condition = ({ lip }) =>
  lip.height > 0.6 || lip.height / lip.distance > 0.25 ? fact('unfit.lipForLowBall') : null;

/** A shot at least this long, m. */
export const longerThan =
  (metres: number, reason: Fact): Condition =>
  (shot) =>
    shot.pin < metres ? reason : null;

export const shorterThan =
  (metres: number, reason: Fact): Condition =>
  (shot) =>
    shot.pin > metres ? reason : null;

/** Up to here a splash is played with a sand club, m, and loft from which a wedge is one, degrees. */
const NEAR = toMetres(25, 'yd');
const SAND_CLUB = 49.5;

/**
 * Wedges; from near in loose sand those with loft alone: a pitching wedge laid open by thirty degrees turns its edge without
 * bounce and its long blade down. A bag without such a wedge takes its most lofted.
 */
export const wedges: ClubRule = (club, player, shot) => {
  if (!shot || shot.pin > NEAR || !isLoose(shot)) return club.type === 'wedge';
  return sandClubs(club, player);
};

/** Wedges with the loft of a sand club; the most lofted where a bag has none. */
export const sandClubs: ClubRule = (club, player) =>
  club.type === 'wedge' && (degrees(club.loft) >= SAND_CLUB || mostLofted(club, player));

/** Clubs of this loft, degrees, but putters. */
export const lofts =
  (low: number, high: number): ClubRule =>
  (club) =>
    club.type !== 'putter' && degrees(club.loft) >= low && degrees(club.loft) <= high;

/** The club of the bag, among wedges, that comes first by `order`; ties go to the first in the bag. */
const firstWedge =
  (order: (club: Club) => number): ClubRule =>
  (club, player) => {
    const bag = player.bag.filter((each) => each.type === 'wedge');
    const best = bag.reduce<Club | null>((a, b) => (a && order(a) <= order(b) ? a : b), null);
    return best?.name === club.name;
  };

export const mostLofted = firstWedge((club) => -club.loft);
export const leastBounce = firstWedge((club) => club.bounce);
