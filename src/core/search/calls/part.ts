import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { oddsOf } from '@/core/model/odds/odds';
import { sampleSwings } from '@/core/model/spread/swings';
import { bestOfEach } from '../candidates/race';
import type { Rated } from '../candidates/rate';
import { kindOf, toldCall, type Call } from './call';
import { choosing, sharedBy, type RuledOut, type Shared } from './choosing';
import { wayOutCall } from './escape';
import type { Question } from './question';

/**
 * What was chosen is told from swings that no choice was made on, or the luck of the winner would be told with it: so many
 * for those that were in the last round, and for the others.
 */
export const TOLD = 1024;
const TOLD_OTHERS = 128;

/** How many attempts a part shows where nothing gets out as meant. */
const ATTEMPTS = 1;

/** What one part of a search found; plain data, so that it can come from another thread. */
export interface Part {
  /** Calls at the flag, best first. */
  calls: Call[];
  ruledOut: RuledOut[];
  /** Ways out, and whether one was assumed: the same in every part. */
  waysOut: Call[];
  assumedEscape: boolean;
  /** Shots flown by the part, and by what all parts share. */
  flown: number;
  flownForAll: number;
}

/**
 * Searches every {@link PARTS}th club and school for the calls that cost the player the fewest strokes, and tells them.
 *
 * @param part from 0 to PARTS - 1
 * @param shared what all parts share, when it is known already
 */
export function searchPart(
  question: Question,
  part: number,
  shared: Shared = sharedBy(question),
): Part {
  const { golfer, caution, escapes } = shared;
  const { leading, others, ruledOut, attempts, rater } = toTheEnd(choosing(question, part, shared));
  const telling = sampleSwings(golfer.habits, TOLD, question.seed);
  let flown = rater.flown;
  const told = (rated: Rated): Call => {
    const count = leading.includes(rated) ? TOLD : TOLD_OTHERS;
    flown += count + 1;
    const odds = oddsOf(rated.setup, golfer, rater.shot, rated.aim, telling, count);
    const { school } = rated;
    const call = toldCall(rated, odds, golfer, rater.shot, caution, {
      kind: kindOf(school, rater.shot),
      toward: 0,
      name: school,
    });
    return attempts ? { ...call, attempt: true } : call;
  };
  const shown = bestOfEach([...leading, ...others]).slice(0, attempts ? ATTEMPTS : undefined);
  return {
    calls: shown.map(told),
    ruledOut,
    waysOut: escapes.ways.map((way) => wayOutCall(way, golfer, telling, caution)),
    assumedEscape: escapes.assumed,
    flown,
    flownForAll: escapes.flown + escapes.ways.length * TOLD,
  };
}
