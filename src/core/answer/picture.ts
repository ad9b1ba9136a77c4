import type { FlightPoint } from '../flight/fly';
import { kernelDensity, type Density } from '../numeric/density';
import { predict } from '../search/prediction';
import type { Call } from '../search/prescribe';
import { finishOf } from '../shot/finish';
import type { Golfer } from '../shot/play';
import { AS_MEANT, strike } from '../shot/strike';
import { visibleEdge } from '../swing/arc';

/** What is needed to draw one call in section, all in m. */
export interface CallPicture {
  /** Turned from the line to the flag, radians; the drawing at the flag shows only those at 0. */
  toward: number;
  /** The flight as meant: distance along the line and height above the ball. */
  flight: [number, number][];
  /** Where the ball as meant lands and stops. */
  landing: number;
  finish: number;
  /** Height of the ball as meant over the lip's edge, m; null when it comes down before. */
  lipClearance: number | null;
  /** Where the player's balls finish: density along the line, 1/m. */
  ridge: Density;
  /** The mark in the sand: start before the ball's lowest point, and depth at even steps. */
  mark: { before: number; step: number; depths: number[] };
}

const RIDGE_POINTS = 80;
const FINEST_RIDGE = 0.3;

/** Points between two steps of the flight, by cubic Hermite, so that the drawn curve is smooth. */
function smoothed(trace: readonly FlightPoint[]): [number, number][] {
  const points: [number, number][] = [];
  const between = 8;
  trace.forEach((point, i) => {
    const next = trace[i + 1];
    if (!next) {
      points.push([point.x, point.z]);
      return;
    }
    const dt = next.t - point.t;
    for (let k = 0; k < between; k++) {
      const u = k / between;
      const a = 2 * u ** 3 - 3 * u ** 2 + 1;
      const b = u ** 3 - 2 * u ** 2 + u;
      const c = 3 * u ** 2 - 2 * u ** 3;
      const d = u ** 3 - u ** 2;
      points.push([
        a * point.x + b * dt * point.vx + c * next.x + d * dt * next.vx,
        a * point.z + b * dt * point.vz + c * next.z + d * dt * next.vz,
      ]);
    }
  });
  return points;
}

/** The path of a putt: along the ground, up the lip. */
function rolled(call: Call): [number, number][] {
  const { lip } = call.shot;
  const foot = Math.max(0, lip.distance - 0.4);
  return [
    [0, 0],
    [foot, 0],
    [lip.distance, lip.height],
    [Math.max(lip.distance, call.meant.x), lip.height],
  ];
}

/** The picture of a call. */
export function pictureOf(call: Call, golfer: Golfer): CallPicture {
  const { shot, setup } = call;
  const ridge = kernelDensity(call.odds.finishes, RIDGE_POINTS, FINEST_RIDGE);
  const { divot, lipClearance } = predict(setup, golfer, shot, call.meant);
  const mark = {
    before: Math.max(0, setup.entry + visibleEdge(shot.burial)),
    step: divot.step,
    depths: divot.profile,
  };
  const base = { toward: call.toward, lipClearance, ridge, mark };
  if (setup.technique === 'putt') {
    return { ...base, flight: rolled(call), landing: 0, finish: call.meant.x };
  }
  const { launch } = strike(setup, AS_MEANT, golfer.headSpeed, shot);
  const trace: FlightPoint[] = [];
  const finish = finishOf(launch, call.aim, shot, trace);
  return { ...base, flight: smoothed(trace), landing: finish.landing.x, finish: finish.x };
}
