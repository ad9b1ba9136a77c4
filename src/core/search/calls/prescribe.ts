import { golferOf } from '@/core/model/golfer/golferOf';
import type { Golfer } from '@/core/model/golfer/golfer';
import { sampleSwings } from '@/core/model/spread/swings';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { OTHER_SCHOOLS } from '../schools/schools';
import { TOLD, toldCall, type Call, type Choice } from './call';
import { reliefCalls, type OtherCall } from './escape';
import { order, tieOf, type Tie } from './order';
import { PARTS, sharedBy, type RuledOut } from './choosing';
import { searchPart, type Part } from './part';
import type { Question } from './question';

/** How many calls are told at first; the others when they are asked for. */
export const TOLD_AT_FIRST = 5;

export interface Prescription {
  /** Struck calls that are told, best first, and how many more were found. */
  calls: Call[];
  more: number;
  /** Relief under penalty, best first, with the rank that each takes among the calls. */
  relief: OtherCall[];
  ruledOut: RuledOut[];
  golfer: Golfer;
  /** Clubs that do as well as the first. */
  tie: Tie | null;
  /** Shots flown by the search and by the telling. */
  flown: number;
  /** What was assumed about ways out that were not read. */
  assumedEscape: boolean;
}

/**
 * The prescription from all parts of a search, in the order of the parts. Ways out that are not at the flag, and relief, stand
 * beside the calls; the best of those bounds what a ball left in costs.
 *
 * @param tell how many calls are told at least, the first at the flag among them
 * @throws RangeError when parts are missing
 */
export function prescribedFrom(
  question: Question,
  parts: readonly Part[],
  tell = Infinity,
  golfer: Golfer = golferOf(question.player),
): Prescription {
  const [one] = parts;
  if (!one || parts.length !== PARTS) {
    throw new RangeError(`prescribedFrom: ${parts.length} parts, not ${PARTS}`);
  }
  const { player, shot, only, seed, caution = DEFAULT_CAUTION } = question;
  const others = only?.length && !only.includes(OTHER_SCHOOLS.sideways.id) ? [] : one.waysOut;
  const found = parts.flatMap((part) => part.choices);
  const out = found.filter(({ attempt }) => !attempt);
  // Attempts count only where nothing gets out, and then the best alone.
  const atFlag = out.length > 0 ? out : order(found).slice(0, 1);
  const choices = order([...atFlag, ...others]);
  const telling = sampleSwings(golfer.habits, TOLD, seed);
  const known = new Map<Choice, Call>();
  const told = (choice: Choice): Call => {
    const call = known.get(choice) ?? toldCall(choice, golfer, telling, caution);
    known.set(choice, call);
    return call;
  };
  const flag = choices.findIndex(({ kind }) => kind !== 'out-sideways');
  const calls = choices.slice(0, Math.max(tell, flag + 1)).map(told);
  const tie = tieOf(choices, player, shot, (choice) => told(choice).odds.strokes);
  return {
    calls,
    more: choices.length - calls.length,
    relief: reliefCalls(shot, player.skill),
    ruledOut: parts.flatMap(({ ruledOut }) => ruledOut),
    golfer,
    tie,
    flown: parts.reduce((sum, { flown }) => sum + flown, one.flownForAll) + known.size * TOLD,
    assumedEscape: one.assumedEscape,
  };
}

/** How a prescription is made where that is not as usual. */
export interface Prescribing {
  /** Which points choices are made on. */
  points?: number;
  /** How many calls are told at least. */
  tell?: number;
}

/** Searches club, school, face, mark and landing for the calls that cost the player the fewest strokes. */
export function prescribe(question: Question, { points, tell }: Prescribing = {}): Prescription {
  const shared = sharedBy(question, points);
  const parts = Array.from({ length: PARTS }, (_, part) => searchPart(question, part, shared));
  return prescribedFrom(question, parts, tell, shared.golfer);
}
