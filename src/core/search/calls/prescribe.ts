import { golferOf } from '@/core/model/golfer/golferOf';
import type { Club } from '@/core/ground/club/club';
import type { Player } from '@/core/ground/player/player';
import { OTHER_SCHOOLS } from '../schools/schools';
import type { Kind, School } from '../schools/school';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { sampleSwings } from '@/core/model/spread/swings';
import { familiesFor } from '../candidates/candidate';
import { escapeCalls, reliefCalls, type OtherCall } from './escape';
import { LONG_FROM, type Call } from './call';
import {
  bestOfEach,
  coarse,
  hopeful,
  refined,
  withLandings,
  type Obstacle,
} from '../candidates/explore';
import { order, tieOf, type Tie } from './order';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { byScore, rate, type Rated, type Rater } from '../candidates/rate';

/** Swings sampled at the end: for the calls that lead, and for the rest. */
const FINE = 1024;
const BROAD = 256;
const CLIMB = 128;

/** How many of the best try other landings, are refined, are rated broadly, and are rated finely. */
const LANDINGS = 24;
const REFINED = 6;
const KEEP = 16;
const LEADING = 5;

/** Set-ups worse than the best by this many strokes after the coarse pass are not looked at again. */
const HOPELESS = 1.2;

export interface RuledOut {
  club: Club | null;
  school: Pick<School, 'id' | 'name'>;
  reason: Obstacle;
}

export interface Prescription {
  /** Struck calls, best first. */
  calls: Call[];
  /** Relief under penalty, best first, with the rank that each takes among the calls. */
  relief: OtherCall[];
  ruledOut: RuledOut[];
  golfer: Golfer;
  /** The first two calls cannot be told apart on this sample. */
  tie: Tie | null;
  /** Shots flown by the search. */
  flown: number;
  /** What was assumed about ways out that were not read. */
  assumedEscape: boolean;
}

/** What the search is asked. */
export interface Question {
  player: Player;
  shot: Shot;
  seed: number;
  caution?: number;
  /** Schools that the house or the player prefers: they win where they cost little more. */
  schools?: readonly string[];
  /** Schools that alone are looked at. */
  only?: readonly string[];
}

/** Kind of a struck call: a splash from far is a long one. */
function kindOf(school: School, shot: Shot): Kind {
  return school.kind === 'splash' && shot.pin > LONG_FROM ? 'long-splash' : school.kind;
}

const callOf = (rated: Rated, shot: Shot): Call => ({
  kind: kindOf(rated.school, shot),
  school: rated.school,
  setup: rated.setup,
  aim: rated.aim,
  meant: rated.finish,
  odds: rated.odds,
  score: rated.score,
  shot,
  toward: 0,
});

/**
 * Searches club, school, face, mark and landing for the calls that cost the player the fewest strokes: a coarse
 * pass over every set-up, then fewer set-ups on more swings of the same sample, then a climb from the best. Ways out
 * that are not at the flag, and relief, are rated beside them; the best of those bounds what a ball left in costs.
 */
export function prescribe(question: Question): Prescription {
  const { player, seed } = question;
  const caution = question.caution ?? DEFAULT_CAUTION;
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, FINE, seed);
  const only = question.only?.length ? question.only : undefined;

  const escapes = escapeCalls(player, golfer, question.shot, swings, caution);
  const relief = reliefCalls(question.shot, player.skill);
  const shot: Shot = { ...question.shot, leftIn: escapes.leftIn };
  const rater: Rater = { golfer, shot, swings, caution, flown: escapes.flown };

  const { families, unfit } = familiesFor(player, shot, only);
  const ruledOut: RuledOut[] = unfit.map(({ school, club, reason }) => ({
    club,
    school,
    reason: { state: 'unfit', text: reason },
  }));
  const first: Rated[] = [];
  for (const family of families) {
    const { rated, reason } = coarse(family, rater);
    first.push(...rated);
    if (rated.length === 0 && reason)
      ruledOut.push({ club: family.club, school: family.school, reason });
  }
  const sorted = bestOfEach([...first].sort(byScore));
  const going = hopeful(sorted, HOPELESS);
  const dropped = sorted.filter((each) => !going.includes(each));
  const middle = going
    .map((each, i) => withLandings(each, rater, i < LANDINGS))
    .sort(byScore)
    .map((each, i) =>
      i < REFINED ? refined(rate(rater, each, each.school, CLIMB), rater, CLIMB) : each,
    )
    .sort(byScore);
  const broad = middle
    .map((each, i) => (i < KEEP ? rate(rater, each, each.school, BROAD) : each))
    .sort(byScore);
  const fine = broad.map((each, i) => (i < LEADING ? rate(rater, each, each.school, FINE) : each));
  const kept = [...fine, ...dropped].sort(byScore);
  const struck = kept.map((each) => callOf(each, shot));
  const others = only && !only.includes(OTHER_SCHOOLS.sideways.id) ? [] : escapes.calls;
  const calls = [...struck, ...others].sort(byScore);
  return {
    calls: order(calls, question.schools),
    relief,
    ruledOut,
    golfer,
    tie: tieOf(calls),
    flown: rater.flown,
    assumedEscape: escapes.assumed,
  };
}
