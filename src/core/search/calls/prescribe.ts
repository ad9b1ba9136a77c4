import { golferOf } from '@/core/model/golfer/golferOf';
import type { Golfer } from '@/core/model/golfer/golfer';
import { OTHER_SCHOOLS } from '../schools/schools';
import type { Call } from './call';
import { reliefCalls, type OtherCall } from './escape';
import { order, tieOf, type Tie } from './order';
import { PARTS, sharedBy, type RuledOut } from './choosing';
import { searchPart, type Part } from './part';
import type { Question } from './question';

export interface Prescription {
  /** Struck calls, best first. */
  calls: Call[];
  /** Relief under penalty, best first, with the rank that each takes among the calls. */
  relief: OtherCall[];
  ruledOut: RuledOut[];
  golfer: Golfer;
  /** Clubs that do as well as the first. */
  tie: Tie | null;
  /** Shots flown by the search. */
  flown: number;
  /** What was assumed about ways out that were not read. */
  assumedEscape: boolean;
}

/**
 * The prescription from all parts of a search, in the order of the parts. Ways out that are not at the flag, and relief, stand
 * beside the calls; the best of those bounds what a ball left in costs.
 *
 * @throws RangeError when parts are missing
 */
export function prescribedFrom(
  question: Question,
  parts: readonly Part[],
  golfer: Golfer = golferOf(question.player),
): Prescription {
  const [one] = parts;
  if (!one || parts.length !== PARTS) {
    throw new RangeError(`prescribedFrom: ${parts.length} parts, not ${PARTS}`);
  }
  const { player, shot, only } = question;
  const others = only?.length && !only.includes(OTHER_SCHOOLS.sideways.id) ? [] : one.waysOut;
  const found = parts.flatMap((part) => part.calls);
  const out = found.filter(({ attempt }) => !attempt);
  // Attempts count only where nothing gets out, and then the best alone.
  const atFlag = out.length > 0 ? out : order(found).slice(0, 1);
  const calls = order([...atFlag, ...others]);
  return {
    calls,
    relief: reliefCalls(shot, player.skill),
    ruledOut: parts.flatMap(({ ruledOut }) => ruledOut),
    golfer,
    tie: tieOf(calls, player, shot),
    flown: parts.reduce((sum, { flown }) => sum + flown, one.flownForAll),
    assumedEscape: one.assumedEscape,
  };
}

/**
 * Searches club, school, face, mark and landing for the calls that cost the player the fewest strokes.
 *
 * @param points which points choices are made on; always the same but where that is tried
 */
export function prescribe(question: Question, points?: number): Prescription {
  const shared = sharedBy(question, points);
  const parts = Array.from({ length: PARTS }, (_, part) => searchPart(question, part, shared));
  return prescribedFrom(question, parts, shared.golfer);
}
