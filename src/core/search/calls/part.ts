import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import type { Shot } from '@/core/ground/situation/shot';
import { bestOfClubs, bestOfEach } from '../candidates/race';
import type { Rated } from '../candidates/rate';
import { choiceOf, kindOf, type Choice } from './call';
import { choosing, PARTS, sharedBy, type RuledOut, type Shared } from './choosing';
import { startOf, type Start } from '../candidates/starts';
import { wayOutChoice, wayStartOf, type WayStart } from './escape';
import type { Question } from './question';

/** How many attempts a part shows where nothing gets out as meant. */
const ATTEMPTS = 1;

/** How many of a part's clubs and schools a question like it may start from; the best of each other club besides. */
const STARTS = 10;

/** What a question may start from that is much like one which was answered: plain data. */
export interface Near {
  starts: readonly Start[];
  ways: readonly WayStart[];
}

/** What a search found; plain data, so that it can come from another thread. */
export interface Found {
  /** What was chosen at the flag, best first. */
  choices: Choice[];
  /** What would be chosen from schools that the player would have to learn first. */
  learnable: Choice[];
  ruledOut: RuledOut[];
  /** Ways out, and whether one was assumed. */
  waysOut: Choice[];
  assumedEscape: boolean;
  /** Shots flown. */
  flown: number;
  /** What a question like this one may start from. */
  near: Near;
}

/** What one part of a search found; ways out are the same in every part. */
export interface Part extends Found {
  /** Shots flown by what all parts share, which `flown` leaves out. */
  flownForAll: number;
}

/**
 * What the parts of a search found, in the order of the parts.
 *
 * @throws RangeError when parts are missing
 */
export function together(parts: readonly Part[]): Found {
  const [one] = parts;
  if (!one || parts.length !== PARTS) {
    throw new RangeError(`together: ${parts.length} parts, not ${PARTS}`);
  }
  const { waysOut, assumedEscape, flownForAll, near } = one;
  return {
    choices: parts.flatMap(({ choices }) => choices),
    learnable: parts.flatMap(({ learnable }) => learnable),
    ruledOut: parts.flatMap(({ ruledOut }) => ruledOut),
    waysOut,
    assumedEscape,
    flown: parts.reduce((sum, { flown }) => sum + flown, flownForAll),
    near: { starts: parts.flatMap((part) => part.near.starts), ways: near.ways },
  };
}

/** Rated set-ups at the flag as what was chosen. */
export const choicesOf = (shown: readonly Rated[], shot: Shot, attempt = false): Choice[] =>
  shown.map((rated) =>
    choiceOf(rated, shot, {
      kind: kindOf(rated.school, shot),
      toward: 0,
      called: rated.school.id,
      attempt,
    }),
  );

/** Those that a question like it may start from; the list is sorted, best first. */
const worthAStart = (shown: readonly Rated[]): Rated[] => [
  ...new Set([...shown.slice(0, STARTS), ...bestOfClubs(shown, Infinity)]),
];

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
  const { leading, others, learnable, ruledOut, attempts, rater } = toTheEnd(
    choosing(question, part, shared),
  );
  const shown = bestOfEach([...leading, ...others]).slice(0, attempts ? ATTEMPTS : undefined);
  return {
    choices: choicesOf(shown, rater.shot, attempts),
    learnable: choicesOf(learnable, rater.shot),
    ruledOut,
    waysOut: escapes.ways.map(wayOutChoice),
    assumedEscape: escapes.assumed,
    flown: rater.flown,
    flownForAll: escapes.flown,
    near: {
      starts: attempts ? [] : worthAStart(shown).map((rated) => startOf(rated, rater.shot.pin)),
      ways: escapes.ways.map(wayStartOf),
    },
  };
}
