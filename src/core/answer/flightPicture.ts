import type { FlightPoint } from '../flight/fly';
import { finishOf } from '../shot/finish';
import { playAsMeant, type Golfer } from '../shot/play';
import type { Shot } from '../shot/shot';
import { AS_MEANT, strike } from '../shot/strike';
import type { Setup } from '../swing/setup';

/** The ball as meant, drawn from the side, all in m. */
export interface FlightPicture {
  /** Distance along the line and height above the ball. */
  flight: [number, number][];
  /** Where it lands and stops. */
  landing: number;
  finish: number;
  /** Height over the lip's edge; null when it comes down before, or rolls. */
  lipClearance: number | null;
}

/** Points drawn between two steps of the flight. */
const BETWEEN = 8;

/** Points between two steps of the flight, by cubic Hermite, so that the drawn curve is smooth. */
function smoothed(trace: readonly FlightPoint[]): [number, number][] {
  const points: [number, number][] = [];
  trace.forEach((point, i) => {
    const next = trace[i + 1];
    if (!next) {
      points.push([point.x, point.z]);
      return;
    }
    const dt = next.t - point.t;
    for (let k = 0; k < BETWEEN; k++) {
      const u = k / BETWEEN;
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

/** The path of a putt: along the ground and up the lip. */
function rolled(shot: Shot, finish: number): [number, number][] {
  const { lip } = shot;
  return [
    [0, 0],
    [Math.max(0, lip.distance - 0.4), 0],
    [lip.distance, lip.height],
    [Math.max(lip.distance, finish), lip.height],
  ];
}

/** The ball as meant of a set-up, drawn. */
export function flightPicture(
  setup: Setup,
  aim: number,
  golfer: Golfer,
  shot: Shot,
): FlightPicture {
  if (setup.technique === 'putt') {
    const finish = playAsMeant(setup, golfer, shot, aim).x;
    return { flight: rolled(shot, finish), landing: 0, finish, lipClearance: null };
  }
  const { launch } = strike(setup, AS_MEANT, golfer.headSpeed, shot);
  const trace: FlightPoint[] = [];
  const { landing, x, lipClearance } = finishOf(launch, aim, shot, trace);
  return { flight: smoothed(trace), landing: landing.x, finish: x, lipClearance };
}
