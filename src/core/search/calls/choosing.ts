import type { Club } from '@/core/ground/club/club';
import { isSunk } from '@/core/ground/sand/lie';
import type { Shot } from '@/core/ground/situation/shot';
import type { Golfer } from '@/core/model/golfer/golfer';
import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import type { SwingError } from '@/core/model/swing/swingError';
import { familiesFor, type Family } from '../candidates/candidate';
import { attempt, coarseOf, settled, withLandings, type Obstacle } from '../candidates/explore';
import { pricesFor } from '../candidates/plainness';
import { POINTS } from '../candidates/points';
import { race, raceThrough, type Round } from '../candidates/race';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { byCost, type Rated, type Rater } from '../candidates/rate';
import type { School } from '../schools/school';
import { waysOut, type Escapes } from './escape';
import type { Question } from './question';

/**
 * Parts that a search is made of, each with its share of the clubs and schools: the same whether they are worked out one
 * after the other or side by side.
 */
export const PARTS = 2;

/** Swings of the first look at every set-up, and the most that a choice rests on. */
const COARSE = 16;
/** Swings of the first look at a sunk ball: fewer set-ups, and wilder balls. */
const COARSE_IF_SUNK = 64;
const FINE = 1024;

/** The race: a wide round, after which other landings are tried; one after which the leaders are settled; the last. */
const WIDE: Round = { swings: 128, near: 0.35, own: 0.12, most: 22 };
const NARROW: Round = { swings: 512, near: 0.12, own: 0.04, most: 8, clubs: 3 };
const LAST: Round = { swings: FINE, near: 0.06, own: 0, most: 4, clubs: 3 };

/** How many try other landings, and which, m further past the target; how many are settled. */
const LANDINGS = 4;
const PAST = [1.8] as const;
const SETTLED = 3;

/** The race among the set-ups of one school that the player would have to learn: nobody is asked for it, so less is looked at. */
const LEARNABLE: readonly Round[] = [
  { swings: 128, near: 0.35, own: 0.12, most: 6 },
  { swings: NARROW.swings, near: 0.12, own: 0.04, most: 2 },
];

/** Kinds of shot that are attempted where nothing gets out as meant. */
const GETS_OUT: readonly School['kind'][] = ['splash', 'dig'];

/** A club or school that has no call, and why. */
export interface RuledOut {
  club: Club | null;
  school: Pick<School, 'id'>;
  reason: Obstacle;
}

const named = ({ id }: School): RuledOut['school'] => ({ id });

/** What all parts of a search share: worked out once where they are worked out together. */
export interface Shared {
  golfer: Golfer;
  /** Swings to choose on. */
  swings: readonly SwingError[];
  caution: number;
  escapes: Escapes;
}

/**
 * What the parts of a question share.
 *
 * @param points which points the choice is made on; the same for all questions but where that is tried
 */
export function sharedBy(
  { player, shot, caution = DEFAULT_CAUTION }: Omit<Question, 'seed'>,
  points = POINTS,
): Shared {
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, FINE, points);
  const escapes = waysOut({ player, golfer, shot, swings, caution });
  return { golfer, swings, caution, escapes };
}

/** What was chosen from a part of the clubs and schools. */
export interface Chosen {
  /** Those whose cost was looked at to the last, best first, and the others. */
  leading: Rated[];
  others: Rated[];
  /** The best of each school that the player would have to learn first. */
  learnable: Rated[];
  ruledOut: RuledOut[];
  /** True where nothing gets out as meant, and these are attempts. */
  attempts: boolean;
  rater: Rater;
}

/** A first look at every set-up of these clubs and schools, and what rules out those that have none. */
function firstLook(
  families: readonly Family[],
  rater: Rater,
): { rated: Rated[]; ruledOut: RuledOut[] } {
  const swings = isSunk(rater.shot.burial) ? COARSE_IF_SUNK : COARSE;
  const all = coarseOf(families, rater, swings);
  return {
    rated: all.flatMap(({ rated }) => rated),
    ruledOut: all.flatMap(({ rated, reason }, i) => {
      const { club, school } = families[i]!;
      return rated.length === 0 && reason ? [{ club, school: named(school), reason }] : [];
    }),
  };
}

/** The best set-up of each school among these. */
function bestOfSchools(rated: readonly Rated[], rater: Rater): Rated[] {
  const schools = new Set(rated.map(({ school }) => school));
  return [...schools].flatMap((school) => {
    const own = rated.filter((each) => each.school === school);
    return raceThrough(own, rater, LEARNABLE).going.slice(0, 1);
  });
}

/**
 * A coarse pass over every set-up of a part, then fewer and fewer set-ups on more and more swings of the same sample. Yields
 * between the rounds, so that whoever runs it may do something else, or stop.
 */
export function* choosing(
  question: Omit<Question, 'seed'>,
  part: number,
  { golfer, swings, caution, escapes }: Shared,
): Generator<void, Chosen> {
  const { player } = question;
  const only = question.only?.length ? question.only : undefined;
  const shot: Shot = { ...question.shot, leftIn: escapes.leftIn };
  const price = pricesFor(player, shot, question.schools);
  const rater: Rater = { golfer, shot, swings, caution, price, flown: 0 };

  const { families, learnable, unfit } = familiesFor(player, shot, only);
  const mine = <T>(all: readonly T[]): T[] => all.filter((_, i) => i % PARTS === part);
  const unfitHere = mine(unfit).map(({ school, club, reason }): RuledOut => ({
    club,
    school: named(school),
    reason: { state: 'unfit', why: reason },
  }));
  let { rated: first, ruledOut: cannot } = firstLook(mine(families), rater);
  if (first.length === 0) {
    // Nothing reaches the flag: then as far as it goes.
    rater.short = true;
    ({ rated: first, ruledOut: cannot } = firstLook(mine(families), rater));
  }
  const toLearn = firstLook(mine(learnable), rater);
  const attempts = first.length === 0;
  if (attempts) {
    const splashed = mine(families).filter(({ school }) => GETS_OUT.includes(school.kind));
    first.push(...splashed.flatMap((family) => attempt(family, rater, COARSE) ?? []));
  }
  yield;
  const wide = race({ going: first, dropped: [] }, rater, WIDE);
  const landed = wide.going.map((each, i) =>
    i < LANDINGS ? withLandings(each, rater, PAST, WIDE.swings) : each,
  );
  yield;
  const narrow = race({ ...wide, going: landed }, rater, NARROW);
  const settling = narrow.going.map((each, i) =>
    i < SETTLED ? settled(each, rater, NARROW.swings) : each,
  );
  yield;
  const { going, dropped } = race({ ...narrow, going: settling }, rater, LAST);
  return {
    leading: going,
    others: dropped.sort(byCost),
    learnable: bestOfSchools(toLearn.rated, rater),
    ruledOut: [...unfitHere, ...cannot, ...toLearn.ruledOut],
    attempts,
    rater,
  };
}
