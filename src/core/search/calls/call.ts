import type { Kind, School } from '../schools/school';
import type { Finish } from '@/core/model/flight/finish';
import type { Odds } from '@/core/model/shot/odds';
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
  /** The score with the price of what is not plain, as it was chosen by, and on how many swings the choice rests. */
  cost: number;
  chosenOn: number;
  /** Turned from the line to the flag, right positive, radians; 0 at the flag. */
  toward: number;
  /** The ball as meant does not get out: the best that can be tried at the flag. */
  attempt?: boolean;
}
