import { schoolById } from '@/core/search/schools/schools';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { solveFor } from '@/core/search/candidates/solve';
import type { Hit } from '@/core/model/shot/hit';
import { flightPicture, type FlightPicture } from './flightPicture';

/** What a drawn call needs to be played again: its set-up and aim, its school and how far past the flag it is meant. */
export interface Plan extends Pick<Hit, 'setup' | 'aim'> {
  school: string;
  past: number;
}

/**
 * The flight of a call in a shot that has moved a little: the same set-up solved again for the distance, a few shots'
 * work, so that a drawing can follow a hand while the full search is under way. Null when it cannot be solved.
 */
export function follow(
  plan: Plan,
  golfer: Golfer,
  shot: Shot,
): (FlightPicture & { plan: Plan }) | null {
  const school = schoolById(plan.school);
  if (!school) return null;
  const solved = solveFor(plan.setup, school, golfer, shot, plan.past);
  if (solved.state !== 'solved') return null;
  const { setup, aim } = solved;
  return { ...flightPicture(setup, aim, golfer, shot), plan: { ...plan, setup, aim } };
}
