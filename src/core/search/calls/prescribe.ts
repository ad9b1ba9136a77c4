import { golferOf } from '@/core/model/golfer/golferOf';
import type { Golfer } from '@/core/model/golfer/golfer';
import { sampleSwings } from '@/core/model/spread/swings';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { OTHER_SCHOOLS } from '../schools/schools';
import { TOLD, toldCall, type Call, type Choice } from './call';
import { reliefCalls, type OtherCall } from './escape';
import { order, tieOf, type Tie } from './order';
import { PARTS, sharedBy, type RuledOut } from './choosing';
import { passedOver, type Passed } from './preferred';
import { toLearn, type ToLearn } from './toLearn';
import { searchPart, together, type Found, type Near } from './part';
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
  /** Why no school that is preferred is called first; null where one is, or none is preferred. */
  passed: Passed | null;
  /** Techniques that the player would have to learn first, what saves most first. */
  toLearn: ToLearn[];
  /** Shots flown by the search and by the telling. */
  flown: number;
  /** What was assumed about ways out that were not read. */
  assumedEscape: boolean;
  /** What a question like this one may start from. */
  near: Near;
}

/**
 * The prescription from what a search found. Ways out that are not at the flag, and relief, stand
 * beside the calls; the best of those bounds what a ball left in costs.
 *
 * @param tell how many calls are told at least, the first at the flag among them
 */
export function prescribedFrom(
  question: Question,
  found: Found,
  tell = Infinity,
  golfer: Golfer = golferOf(question.player),
): Prescription {
  const { player, shot, only, seed, caution = DEFAULT_CAUTION } = question;
  const others = only?.length && !only.includes(OTHER_SCHOOLS.sideways.id) ? [] : found.waysOut;
  const out = found.choices.filter(({ attempt }) => !attempt);
  // Attempts count only where nothing gets out, and then the best alone.
  const atFlag = out.length > 0 ? out : order(found.choices).slice(0, 1);
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
  const strokesOf = (choice: Choice): number => told(choice).odds.strokes;
  const least = Math.min(...calls.map(strokesOf));
  const tie = tieOf(choices, player, shot, strokesOf, question.schools);
  const { ruledOut, learnable } = found;
  const passed = passedOver(question.schools ?? [], choices, ruledOut, learnable, strokesOf);
  return {
    calls,
    more: choices.length - calls.length,
    relief: reliefCalls(shot, player.skill),
    ruledOut,
    golfer,
    tie,
    passed,
    toLearn: calls.length > 0 ? toLearn(learnable, least, player.techniques, told) : [],
    flown: found.flown + known.size * TOLD,
    assumedEscape: found.assumedEscape,
    near: found.near,
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
  return prescribedFrom(question, together(parts), tell, shared.golfer);
}
