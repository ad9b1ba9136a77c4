import { kernelDensity, type Density } from '../numeric/density';
import { predict } from '../search/prediction';
import type { Call } from '../search/call';
import type { Golfer } from '../shot/play';
import { visibleEdge } from '../swing/arc';
import { flightPicture, type FlightPicture } from './flightPicture';
import type { Plan } from './follow';

/** What is needed to draw one call, all in m. */
export interface CallPicture extends FlightPicture {
  /** Turned from the line to the flag, radians; the drawing at the flag shows only those at 0. */
  toward: number;
  /** Where the player's balls finish: density along the line, 1/m. */
  ridge: Density;
  /** The mark in the sand: start before the ball's lowest point, and depth at even steps. */
  mark: { before: number; step: number; depths: number[] };
  /** For following a reading that is being moved. */
  plan: Plan;
}

const RIDGE_POINTS = 80;
const FINEST_RIDGE = 0.3;

/** The picture of a call. */
export function pictureOf(call: Call, golfer: Golfer): CallPicture {
  const { shot, setup } = call;
  const { divot } = predict(setup, golfer, shot, call.meant);
  return {
    ...flightPicture(setup, call.aim, golfer, shot),
    toward: call.toward,
    ridge: kernelDensity(call.odds.finishes, RIDGE_POINTS, FINEST_RIDGE),
    mark: {
      before: Math.max(0, setup.entry + visibleEdge(shot.burial)),
      step: divot.step,
      depths: divot.profile,
    },
    plan: { setup, school: call.school.id, past: call.meant.x - shot.pin },
  };
}
