import { scoreOf } from '../candidates/rank';
import type { Rated } from '../candidates/rate';
import type { Kind, School } from '../schools/school';
import type { Finish } from '@/core/model/flight/finish';
import type { Golfer } from '@/core/model/golfer/golfer';
import { playAsMeant } from '@/core/model/shot/play';
import type { Odds } from '@/core/model/odds/odds';
import type { Shot } from '@/core/ground/situation/shot';
import type { Hit } from '@/core/model/shot/hit';
import { toMetres } from '@/core/ground/units/length';

/** A splash longer than this is a long one, m. */
export const LONG_FROM = toMetres(25, 'yd');

/** Kind of a call of this school: a splash from far is a long one. */
export const kindOf = ({ kind }: Pick<School, 'kind'>, { pin }: Pick<Shot, 'pin'>): Kind =>
  kind === 'splash' && pin > LONG_FROM ? 'long-splash' : kind;

/** A ball struck at the flag or, turned by `toward`, elsewhere; its shot is then the one of that way out. */
export interface Call extends Hit {
  kind: Kind;
  school: Pick<School, 'id' | 'name' | 'feetWithPath' | 'finish'>;
  meant: Finish;
  odds: Odds;
  /** Strokes with some of the weight moved to the worst tenth. */
  score: number;
  /** What it was chosen by: its score then, that with the price of what is not plain, and on how many swings. */
  chosenScore: number;
  cost: number;
  chosenOn: number;
  /** Turned from the line to the flag, right positive, radians; 0 at the flag. */
  toward: number;
  /** The shot as planned does not get out: the best that can be tried at the flag. */
  attempt?: boolean;
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
 * A set-up that was chosen, as it is told: its odds are from swings that it was not chosen on, its cost is as it was chosen.
 *
 * @param as what it is called, where it is called so, and which way it goes
 */
export const toldCall = (
  { school, setup, aim, odds: chosen, score: chosenScore, cost }: Rated,
  odds: Odds,
  golfer: Golfer,
  shot: Shot,
  caution: number,
  as: Pick<Call, 'kind' | 'toward'> & { name: Pick<School, 'id' | 'name'> },
): Call => ({
  kind: as.kind,
  school: {
    id: as.name.id,
    name: as.name.name,
    feetWithPath: school.feetWithPath,
    finish: school.finish,
  },
  setup,
  aim,
  meant: playAsMeant(setup, golfer, shot, aim),
  odds,
  score: scoreOf(odds, caution),
  chosenScore,
  cost,
  chosenOn: chosen.each.length,
  shot,
  toward: as.toward,
});
