import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { bestOfEach } from '../candidates/race';
import { choiceOf, kindOf, type Choice } from './call';
import { choosing, sharedBy, type RuledOut, type Shared } from './choosing';
import { wayOutChoice } from './escape';
import type { Question } from './question';

/** How many attempts a part shows where nothing gets out as meant. */
const ATTEMPTS = 1;

/** What one part of a search found; plain data, so that it can come from another thread. */
export interface Part {
  /** What was chosen at the flag, best first. */
  choices: Choice[];
  ruledOut: RuledOut[];
  /** Ways out, and whether one was assumed: the same in every part. */
  waysOut: Choice[];
  assumedEscape: boolean;
  /** Shots flown by the part, and by what all parts share. */
  flown: number;
  flownForAll: number;
}

/**
 * Searches every {@link PARTS}th club and school for the set-ups that cost the player the fewest strokes.
 *
 * @param part from 0 to PARTS - 1
 * @param shared what all parts share, when it is known already
 */
export function searchPart(
  question: Omit<Question, 'seed'>,
  part: number,
  shared: Shared = sharedBy(question),
): Part {
  const { escapes } = shared;
  const { leading, others, ruledOut, attempts, rater } = toTheEnd(choosing(question, part, shared));
  const shown = bestOfEach([...leading, ...others]).slice(0, attempts ? ATTEMPTS : undefined);
  return {
    choices: shown.map((rated) =>
      choiceOf(rated, rater.shot, {
        kind: kindOf(rated.school, rater.shot),
        toward: 0,
        name: rated.school,
        attempt: attempts,
      }),
    ),
    ruledOut,
    waysOut: escapes.ways.map(wayOutChoice),
    assumedEscape: escapes.assumed,
    flown: rater.flown,
    flownForAll: escapes.flown,
  };
}
