import type { Finish } from '../flight/finish';
import { BALL_RADIUS } from '@/core/ground/ball/ball';
import { fly, type FlightPoint, type FlightStart } from '../flight/fly';
import { bounceAndRun } from '../green/bounceAndRun';
import { BEYOND_SURFACE, RUN_SHARE } from '../green/surface';
import { logistic } from '@/core/ground/numeric/soft';
import type { Launch } from '../strike/launch';
import type { Shot } from '@/core/ground/situation/shot';

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
function runShareAt(x: number, shot: Shot): number {
  if (shot.away) return RUN_SHARE[shot.away.ground];
  const past = RUN_SHARE[BEYOND_SURFACE[shot.beyond]];
  const onFringe = logistic((x - shot.edge + FRINGE) / BLEND);
  const onGreen = logistic((x - shot.edge) / BLEND);
  const beyond = logistic((x - shot.back) / BLEND);
  const before =
    RUN_SHARE.rough +
    (RUN_SHARE.fringe - RUN_SHARE.rough) * onFringe +
    (1 - RUN_SHARE.fringe) * onGreen;
  return before + (past - before) * beyond;
}

/**
 * Flies a launched ball over the ground of the shot and lets it run out.
 *
 * @param launch in the frame of the path
 * @param aim direction of the path from the line to the flag, radians, towards the player's side positive
 * @param trace receives the flight's points when given
 */
export function finishOf(launch: Launch, aim: number, shot: Shot, trace?: FlightPoint[]): Finish {
  const start = turned(launch, aim);
  const flight = fly(start, shot.lip.height, shot.lip.distance, shot.wind, trace);
  const { landing } = flight;
  const clearance =
    flight.heightAtLip === null ? null : flight.heightAtLip - shot.lip.height - BALL_RADIUS;
  const carry = Math.sqrt(landing.x * landing.x + landing.y * landing.y);
  const along = Math.sqrt(landing.vx * landing.vx + landing.vy * landing.vy);
  const apex = flight.apex;
  if (!flight.landed || landing.x < shot.lip.distance) {
    return { carry, apex, lipClearance: clearance, landing, x: landing.x, y: landing.y };
  }
  const cos = along > 1e-9 ? landing.vx / along : 1;
  const sin = along > 1e-9 ? landing.vy / along : 0;
  const backspin = (start.wx * sin - start.wy * cos) * flight.spinKept;
  const run = bounceAndRun(along, Math.max(0, -landing.vz), backspin, shot.green);
  const share = runShareAt(landing.x, shot);
  return {
    carry,
    apex,
    lipClearance: clearance,
    landing,
    x: landing.x + run * share * cos,
    y: landing.y + run * share * sin,
  };
}
