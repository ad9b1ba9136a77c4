import type { Hand } from '@/core/ground/player/player';
import { missWords } from '../script/missWords';
import { missError, type MissName } from '@/core/model/shot/misses';
import { outcomeOf, type Outcome } from '@/core/model/shot/outcome';
import { play, readyFor } from '@/core/model/shot/play';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import type { UnitSystem } from '@/core/ground/units/system';
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
