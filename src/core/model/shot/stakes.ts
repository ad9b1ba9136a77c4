import type { Skill } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import {
  groundBeyond,
  groundOf,
  SHORT_GAME,
  strokesToHoleOut,
  type Ground,
  type ShortGame,
} from '../strokes/holeOut';

/** What a finished ball costs, in numbers that all balls of a shot share. */
export interface Stakes {
  game: ShortGame;
  /** Strokes to hole out for a ball left in this sand. */
  again: number;
  /** What lies past the green, and on a way out that is not at the flag. */
  past: Ground;
  ground: Ground;
  /** Far edge of what must be carried, m, and what a ball costs that does not: a penalty and rough as far away. */
  clear: number;
  hazard: number;
}

/** Nothing must be carried: nearer than any ball lands, m. */
const NOTHING = -1000;

/** Strokes to hole out for a ball left in this sand: from the average table, or less where a way out bounds it. */
export const strokesLeftIn = (shot: Shot, skill: Skill): number =>
  shot.leftIn ?? strokesToHoleOut('sand', shot.pin, skill);

/** What is at stake in a shot for a player of this skill. */
export function stakesOf(shot: Shot, skill: Skill): Stakes {
  const again = strokesLeftIn(shot, skill);
  return {
    game: SHORT_GAME[skill],
    again,
    past: groundBeyond(shot.beyond, again),
    ground: groundOf(shot.away?.ground ?? 'green'),
    clear: shot.away ? NOTHING : (shot.clear ?? NOTHING),
    hazard: 1 + strokesToHoleOut('rough', shot.pin, skill),
  };
}
