import type { Golfer } from '@/core/model/golfer/golfer';
import { golferOf } from '@/core/model/golfer/golferOf';
import type { Club } from '@/core/ground/club/club';
import type { Shot } from '@/core/ground/situation/shot';
import { sampleSwings } from '@/core/model/spread/swings';
import type { SwingError } from '@/core/model/swing/swingError';
import { familiesFor } from '../candidates/candidate';
import {
  bestOfEach,
  coarse,
  hopeful,
  PAST,
  refined,
  withLandings,
  type Obstacle,
} from '../candidates/explore';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { byScore, rate, type Rated, type Rater } from '../candidates/rate';
import type { School } from '../schools/school';
import { kindOf, type Call } from './call';
import { escapeCalls, type Escapes } from './escape';
import type { Question } from './question';

/**
 * Parts that a search is made of, each with its share of the clubs and schools: the same whether they are worked out one
 * after the other or side by side.
 */
export const PARTS = 2;

/** Swings sampled at the end: for the calls that lead a part, and for the rest. */
const FINE = 1024;
const BROAD = 256;
const CLIMB = 128;

/** How many of a part's best try other landings, are refined, are rated broadly, and are rated finely. */
const LANDINGS = 12;
const REFINED = 3;
const KEEP = 8;
const LEADING = 4;

/** Set-ups worse than the best of their part by this many strokes after the coarse pass are not looked at again. */
const HOPELESS = 1.2;

/** A club or school that has no call, and why. */
export interface RuledOut {
  club: Club | null;
  school: Pick<School, 'id' | 'name'>;
  reason: Obstacle;
}

/** What one part of a search found; plain data, so that it can come from another thread. */
export interface Part {
  /** Calls at the flag, best first. */
  calls: Call[];
  ruledOut: RuledOut[];
  /** Ways out, the same in every part: they bound what a ball left in costs. */
  escapes: Escapes;
  flown: number;
}

const named = ({ id, name }: School): RuledOut['school'] => ({ id, name });

const callOf = ({ school, setup, aim, finish, odds, score }: Rated, shot: Shot): Call => ({
  kind: kindOf(school, shot),
  school: {
    ...named(school),
    feetWithPath: school.feetWithPath,
    finish: school.finish,
    fuss: school.fuss,
  },
  setup,
  aim,
  meant: finish,
  odds,
  score,
  shot,
  toward: 0,
});

/** What all parts of a search share: worked out once where they are worked out together. */
export interface Shared {
  golfer: Golfer;
  swings: readonly SwingError[];
  caution: number;
  escapes: Escapes;
}

/** What the parts of a question share. */
export function sharedBy({ player, shot, seed, caution = DEFAULT_CAUTION }: Question): Shared {
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, FINE, seed);
  return { golfer, swings, caution, escapes: escapeCalls(player, golfer, shot, swings, caution) };
}

/**
 * Searches every {@link PARTS}th club and school for the calls that cost the player the fewest strokes: a coarse pass over
 * every set-up, then fewer set-ups on more swings of the same sample, then a climb from the best.
 *
 * @param part from 0 to PARTS - 1
 * @param shared what all parts share, when it is known already
 */
export function searchPart(
  question: Question,
  part: number,
  shared: Shared = sharedBy(question),
): Part {
  const { player } = question;
  const { golfer, swings, caution, escapes } = shared;
  const only = question.only?.length ? question.only : undefined;
  const shot: Shot = { ...question.shot, leftIn: escapes.leftIn };
  const rater: Rater = { golfer, shot, swings, caution, flown: 0 };

  const { families, unfit } = familiesFor(player, shot, only);
  const mine = <T>(all: readonly T[]): T[] => all.filter((_, i) => i % PARTS === part);
  const ruledOut: RuledOut[] = mine(unfit).map(({ school, club, reason }) => ({
    club,
    school: named(school),
    reason: { state: 'unfit', text: reason },
  }));
  const first: Rated[] = [];
  for (const family of mine(families)) {
    const { rated, reason } = coarse(family, rater);
    first.push(...rated);
    if (rated.length === 0 && reason)
      ruledOut.push({ club: family.club, school: named(family.school), reason });
  }
  const sorted = bestOfEach([...first].sort(byScore));
  const going = hopeful(sorted, HOPELESS);
  const dropped = sorted.filter((each) => !going.includes(each));
  const middle = going
    .map((each, i) => withLandings(each, rater, i < LANDINGS ? PAST : []))
    .sort(byScore)
    .map((each, i) =>
      i < REFINED ? refined(rate(rater, each, each.school, CLIMB), rater, CLIMB) : each,
    )
    .sort(byScore);
  const broad = middle
    .map((each, i) => (i < KEEP ? rate(rater, each, each.school, BROAD) : each))
    .sort(byScore);
  const fine = broad.map((each, i) => (i < LEADING ? rate(rater, each, each.school, FINE) : each));
  const calls = [...fine, ...dropped].sort(byScore).map((each) => callOf(each, shot));
  return { calls, ruledOut, escapes, flown: rater.flown };
}
