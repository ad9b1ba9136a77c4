import type { Hand } from '../player/player';
import { missWords } from '../script/missWords';
import { missError, type MissName } from '../shot/misses';
import { outcomeOf, type Outcome } from '../shot/outcome';
import { play, readyFor, type Golfer } from '../shot/play';
import type { Shot } from '../shot/shot';
import type { UnitSystem } from '../units/system';
import { flightPicture, type FlightPicture } from './flightPicture';
import type { Plan } from './follow';

/** A miss of a call, drawn and told. */
export interface MissPicture extends FlightPicture {
  miss: MissName;
  outcome: Outcome;
  text: string;
}

/** What becomes of a miss of a drawn call, a few shots' work; null where there is no such miss. */
export function missPicture(
  miss: MissName,
  plan: Plan,
  golfer: Golfer,
  shot: Shot,
  telling: { units: UnitSystem; handed: Hand },
): MissPicture | null {
  const { setup, aim } = plan;
  const error = missError(miss, setup, golfer, shot);
  if (!error) return null;
  const { finish } = play(readyFor(setup, golfer, shot), error, aim);
  const outcome = outcomeOf(finish, shot, golfer.skill);
  return {
    ...flightPicture(setup, aim, golfer, shot, error),
    miss,
    outcome,
    text: missWords(miss, error, finish, outcome, shot, telling),
  };
}
