import type { Shot } from '@/core/ground/situation/shot';
import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { pricesFor } from '../candidates/plainness';
import { POINTS } from '../candidates/points';
import { bestOfEach, raceThrough, type Round } from '../candidates/race';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { byCost, type Rater } from '../candidates/rate';
import { startedFrom } from '../candidates/starts';
import { waysOutFrom, wayOutChoice } from './escape';
import { choicesOf, type Found, type Near } from './part';
import type { Question } from './question';

/** Swings of the first look at every start, the most that a choice rests on, and the rounds between. */
const FIRST = 32;
const MOST = 512;
const ROUNDS: readonly Round[] = [
  { swings: 128, near: 0.25, own: 0, most: 8, clubs: 3 },
  { swings: MOST, near: 0.08, own: 0, most: 4, clubs: 3 },
];

/**
 * What is found by starting from what a question like this one found: a fifth of the shots of a search, for a reading that a hand is moving. It does
 * not look at what was left aside there: the search itself follows once the reading rests.
 *
 * @returns null where none of the starts gets out any more
 */
export function foundNear(question: Omit<Question, 'seed'>, near: Near): Found | null {
  const { player, caution = DEFAULT_CAUTION } = question;
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, MOST, POINTS);
  const escapes = waysOutFrom({ player, golfer, shot: question.shot, swings, caution }, near.ways);
  const shot: Shot = { ...question.shot, leftIn: escapes.leftIn };
  const price = pricesFor(player, shot, question.schools);
  const rater: Rater = { golfer, shot, swings, caution, price, flown: 0 };
  const going = startedFrom(near.starts, player.bag, rater, FIRST);
  if (going.length === 0) return null;
  const raced = raceThrough(going, rater, ROUNDS);
  const shown = bestOfEach([...raced.going, ...raced.dropped.sort(byCost)]);
  return {
    choices: choicesOf(shown, shot),
    learnable: [],
    ruledOut: [],
    waysOut: escapes.ways.map(wayOutChoice),
    assumedEscape: escapes.assumed,
    flown: rater.flown + escapes.flown,
    near,
  };
}
