import { scoreOf } from '../candidates/rank';
import type { Rated } from '../candidates/rate';
import type { Kind, School } from '../schools/school';
import type { Finish } from '@/core/model/flight/finish';
import type { Golfer } from '@/core/model/golfer/golfer';
import { playAsMeant } from '@/core/model/shot/play';
import type { Meant } from '@/core/model/odds/asMeant';
import { oddsOf, type Odds } from '@/core/model/odds/odds';
import type { SwingError } from '@/core/model/swing/swingError';
import type { Shot } from '@/core/ground/situation/shot';
import type { Hit } from '@/core/model/shot/hit';
import { toMetres } from '@/core/ground/units/length';

/** A splash longer than this is a long one, m. */
export const LONG_FROM = toMetres(25, 'yd');

/** Kind of a call of this school: a splash from far is a long one. */
export const kindOf = ({ kind }: Pick<School, 'kind'>, { pin }: Pick<Shot, 'pin'>): Kind =>
  kind === 'splash' && pin > LONG_FROM ? 'long-splash' : kind;

/**
 * What was chosen, as plain data that can go between threads: a ball struck at the flag or, turned by `toward`, elsewhere; its shot
 * is then the one of that way out.
 */
export interface Choice extends Hit {
  kind: Kind;
  school: Pick<School, 'id' | 'feetWithPath' | 'finish'>;
  /** The ball as meant. */
  finish: Meant;
  /** What it was chosen by: its score, that with the price of what is not plain, and on how many swings. */
  chosenScore: number;
  cost: number;
  chosenOn: number;
  /** Turned from the line to the flag, right positive, radians; 0 at the flag. */
  toward: number;
  /** The shot as planned does not get out: the best that can be tried at the flag. */
  attempt?: boolean;
}

/** A choice as it is told. */
export interface Call extends Choice {
  meant: Finish;
  odds: Odds;
  /** Strokes with some of the weight moved to the worst tenth. */
  score: number;
}

/** A call by what it is known by. */
export type Called = { club: string; kind: Kind };

/** A kind by the shot that it is: a splash from far is the same shot under another name. */
export const shotOf = (kind: Kind): Kind => (kind === 'long-splash' ? 'splash' : kind);

/** What two calls share that are the same club and shot. */
export const callKey = ({ club, kind }: Called): string => `${club}/${shotOf(kind)}`;

/** Same club and kind of shot. */
export const sameCall = (a: Called, b: Called): boolean => callKey(a) === callKey(b);

/** The same call on both sides, or none on both. */
export const sameOrNone = (a: Called | null, b: Called | null): boolean =>
  a === null || b === null ? a === b : sameCall(a, b);

/**
 * A set-up that was chosen.
 *
 * @param as what it is called, where it is called so, and which way it goes
 */
export const choiceOf = (
  { school, setup, aim, finish, odds, score, cost }: Rated,
  shot: Shot,
  as: Pick<Choice, 'kind' | 'toward' | 'attempt'> & { called: School['id'] },
): Choice => ({
  kind: as.kind,
  school: {
    id: as.called,
    feetWithPath: school.feetWithPath,
    finish: school.finish,
  },
  setup,
  aim,
  finish,
  chosenScore: score,
  cost,
  chosenOn: odds.each.length,
  shot,
  toward: as.toward,
  ...(as.attempt ? { attempt: true } : {}),
});

/** What is told is told from so many swings that no choice was made on, or the luck of the winner would be told with it. */
export const TOLD = 1024;

/**
 * A choice as it is told: its odds are from swings that it was not chosen on, its cost is as it was chosen.
 *
 * @param telling the same swings for all calls of a sheet
 */
export function toldCall(
  choice: Choice,
  golfer: Golfer,
  telling: readonly SwingError[],
  caution: number,
): Call {
  const { setup, aim, shot, finish } = choice;
  const odds = oddsOf(setup, golfer, shot, aim, telling, telling.length, null, finish);
  const meant = playAsMeant(setup, golfer, shot, aim);
  return { ...choice, meant, odds, score: scoreOf(odds, caution) };
}
