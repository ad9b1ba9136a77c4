import type { Shot } from '@/core/ground/situation/shot';
import type { Hit } from '@/core/model/shot/hit';
import { degrees } from '@/core/ground/units/angle';
import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { asGood } from '../candidates/rank';
import { byCost, type Rated } from '../candidates/rate';
import { kindOf, type Called } from './call';
import { choosing, PARTS, sharedBy } from './choosing';
import type { Question } from './question';

/** What is called, as far as scans of many shots need it. */
export interface Leader extends Called {
  school: string;
  faceDeg: number;
  strokes: number;
  score: number;
  /** Its score with the price of what is not plain: leaders go by this. */
  cost: number;
}

/** A rated set-up by what it is known by. */
export const leaderOf = ({ setup, school, odds, score, cost }: Rated, shot: Shot): Leader => ({
  club: setup.club.name,
  kind: kindOf(school, shot),
  school: school.id,
  faceDeg: Math.round(degrees(setup.opening)),
  strokes: odds.strokes,
  score,
  cost,
});

/**
 * What {@link prescribe} calls first, without the telling, and those that came to the last round behind it, best first; empty where
 * the first is not a ball at the flag. Yields now and then, so that whoever runs it may do something else, or stop.
 */
export function* callingLeaders(question: Omit<Question, 'seed'>): Generator<void, Leader[]> {
  const leading = yield* callingRated(question);
  return leading.map((rated) => leaderOf(rated, question.shot));
}

/** {@link callingLeaders} with their set-ups. */
function* callingRated(question: Omit<Question, 'seed'>): Generator<void, Rated[]> {
  const shared = sharedBy(question);
  const leading: Rated[] = [];
  for (let part = 0; part < PARTS; part++) {
    yield;
    const chosen = yield* choosing(question, part, shared);
    if (!chosen.attempts) leading.push(...chosen.leading);
  }
  leading.sort(byCost);
  const wayOut = Math.min(...shared.escapes.ways.map(({ cost }) => cost));
  if (!leading[0] || leading[0].cost > wayOut) return [];
  return leading;
}

/** Set-up and aim of what is called first; null where that is not a ball at the flag. Pauses as {@link callingLeaders}. */
export function* callingHit(question: Omit<Question, 'seed'>): Generator<void, Hit | null> {
  const [first] = yield* callingRated(question);
  return first ? { setup: first.setup, aim: first.aim, shot: question.shot } : null;
}

/** The best of the other clubs that are as good as the first of some leaders; null where it stands alone. */
export const tiedWith = (leading: readonly Leader[]): Leader | null => asGood(leading)[0] ?? null;

/** The first of {@link callingLeaders}; null where that is not a ball at the flag. */
export function* callingFirst(question: Omit<Question, 'seed'>): Generator<void, Leader | null> {
  const [first] = yield* callingLeaders(question);
  return first ?? null;
}

/** {@link callingFirst} without a stop. */
export const calledFirst = (question: Omit<Question, 'seed'>): Leader | null =>
  toTheEnd(callingFirst(question));
