import type { Kind, School } from '../schools/school';
import type { Finish } from '@/core/model/flight/finish';
import type { Odds } from '@/core/model/shot/odds';
import type { Shot } from '@/core/ground/situation/shot';
import type { Setup } from '@/core/model/swing/setup';
import { toMetres } from '@/core/ground/units/length';

/** A splash longer than this is a long one, m. */
export const LONG_FROM = toMetres(25, 'yd');

/** A ball struck at the flag or, turned by `toward`, elsewhere. */
export interface Call {
  kind: Kind;
  school: Pick<School, 'id' | 'name' | 'feetWithPath' | 'finish' | 'fuss'>;
  setup: Setup;
  aim: number;
  meant: Finish;
  odds: Odds;
  score: number;
  /** The shot that it is played in: the situation's own, or the one of another way out. */
  shot: Shot;
  /** Turned from the line to the flag, right positive, radians; 0 at the flag. */
  toward: number;
}
