import type { Hand } from '@/core/ground/player/player';
import { writeCall, type CallRecord } from '@/core/contract/shot/setup';
import type { Struck } from '../sheet/callSheet';
import { kernelDensity, type Density } from '@/core/ground/numeric/density';
import { covarianceEllipse, type Ellipse } from '@/core/ground/numeric/ellipse';
import type { Call } from '@/core/search/calls/call';
import type { Golfer } from '@/core/model/golfer/golfer';
import { visibleEdge } from '@/core/ground/arc/arc';
import { flightPicture, type FlightPicture } from './flightPicture';
import type { Plan } from './follow';

/** What is needed to draw one call, all in m. */
export interface CallPicture extends FlightPicture {
  /** Turned from the line to the flag, radians; the drawing at the flag shows only those at 0. */
  toward: number;
  /** Where the player's balls finish: density along the line, 1/m. */
  ridge: Density;
  /** Some of those balls, along the line and across it, and the ellipse of eight in ten of those that came out. */
  spread: { balls: [number, number][]; ellipse: Ellipse | null };
  /** The mark in the sand: start before the ball's lowest point, and depth of the leading edge at even steps. */
  mark: { before: number; step: number; depths: number[] };
  /** The head as it meets the sand, radians. */
  held: { loft: number; bounce: number };
  /** For playing it again. */
  plan: Plan;
  /** For keeping it with the balls that are hit for it. */
  kept: CallRecord;
}

const BALLS_DRAWN = 120;
const ELLIPSE_SHARE = 0.8;

/** Finishes of the sampled swings, for the view from above. */
function spreadOf({ odds, shot }: Call): CallPicture['spread'] {
  const all = Array.from(odds.finishes, (x, i): [number, number] => [x, odds.across[i]!]);
  const out = all.filter(([x]) => x > shot.lip.distance);
  return {
    balls: all.slice(0, BALLS_DRAWN),
    ellipse: out.length >= 3 ? covarianceEllipse(out, ELLIPSE_SHARE) : null,
  };
}

const RIDGE_POINTS = 80;
const FINEST_RIDGE = 0.3;

/** The picture of a call. */
export function pictureOf({ call, prediction }: Struck, golfer: Golfer, handed: Hand): CallPicture {
  const { shot, setup } = call;
  const { divot, effectiveLoft, effectiveBounce } = prediction;
  return {
    ...flightPicture(setup, call.aim, golfer, shot),
    toward: call.toward,
    ridge: kernelDensity(call.odds.finishes, RIDGE_POINTS, FINEST_RIDGE),
    spread: spreadOf(call),
    mark: {
      before: Math.max(0, setup.entry + visibleEdge(shot.burial)),
      step: divot.step,
      depths: divot.profile,
    },
    held: { loft: effectiveLoft, bounce: effectiveBounce },
    plan: { setup, aim: call.aim, school: call.school.id, past: call.meant.x - shot.pin },
    kept: writeCall(call, handed),
  };
}
