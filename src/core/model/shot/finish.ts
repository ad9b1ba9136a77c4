import type { Finish } from '../flight/finish';
import { BALL_RADIUS } from '@/core/ground/ball/ball';
import { fly, type FlightPoint, type FlightStart } from '../flight/fly';
import { bounceAndRun } from '../green/bounceAndRun';
import { RUN_SHARE } from '../green/surface';
import { logistic } from '@/core/ground/numeric/soft';
import type { Launch } from '../strike/launch';
import type { Ahead } from './ahead';

/** Ball turned by `angle` radians to the player's side before it flies. */
function turned(launch: Launch, angle: number): FlightStart {
  const c = Math.cos(angle);
  const s = Math.sin(angle);
  return {
    vx: launch.vx * c - launch.vy * s,
    vy: launch.vx * s + launch.vy * c,
    vz: launch.vz,
    wx: launch.wx * c - launch.wy * s,
    wy: launch.wx * s + launch.wy * c,
    wz: launch.wz,
  };
}

/** Width of the fringe before the green, m, and over which surfaces blend for the run, m. */
export const FRINGE = 1.5;
const BLEND = 0.4;

/** Share of the green's run that the ground at distance x leaves a ball, blended at the edges. */
function runShareAt(x: number, ahead: Ahead): number {
  const onFringe = logistic((x - ahead.edge + FRINGE) / BLEND);
  const onGreen = logistic((x - ahead.edge) / BLEND);
  const beyond = logistic((x - ahead.back) / BLEND);
  const before =
    RUN_SHARE.rough +
    (RUN_SHARE.fringe - RUN_SHARE.rough) * onFringe +
    (1 - RUN_SHARE.fringe) * onGreen;
  return ahead.away ? ahead.awayShare : before + (ahead.pastShare - before) * beyond;
}

/**
 * Flies a launched ball over the ground of the shot and lets it run out.
 *
 * @param launch in the frame of the path
 * @param aim direction of the path from the line to the flag, radians, towards the player's side positive
 * @param trace receives the flight's points when given
 */
export function finishOf(launch: Launch, aim: number, ahead: Ahead, trace?: FlightPoint[]): Finish {
  const start = turned(launch, aim);
  const flight = fly(start, ahead.lipHeight, ahead.lipDistance, ahead.wind, trace);
  const { landing, apex } = flight;
  const carry = Math.sqrt(landing.x * landing.x + landing.y * landing.y);
  const along = Math.sqrt(landing.vx * landing.vx + landing.vy * landing.vy);
  const cos = along > 1e-9 ? landing.vx / along : 1;
  const sin = along > 1e-9 ? landing.vy / along : 0;
  let run = 0;
  if (flight.landed && landing.x >= ahead.lipDistance) {
    const backspin = (start.wx * sin - start.wy * cos) * flight.spinKept;
    run = bounceAndRun(along, Math.max(0, -landing.vz), backspin, ahead.turf);
    run *= runShareAt(landing.x, ahead);
  }
  return {
    carry,
    apex,
    lipClearance: flight.heightAtLip - ahead.lipHeight - BALL_RADIUS,
    landing,
    x: landing.x + run * cos,
    y: landing.y + run * sin,
  };
}
