import type { FlightPoint } from '@/core/model/flight/fly';
import { hermite } from '@/core/ground/numeric/hermite';
import { finishOf } from '@/core/model/shot/finish';
import { clearanceOf, type Finish } from '@/core/model/flight/finish';
import { aheadOf } from '@/core/model/shot/ahead';
import { playAsMeant } from '@/core/model/shot/play';
import { speedWith, type Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import { strike } from '@/core/model/shot/strike';
import type { Setup } from '@/core/model/swing/setup';

/** One ball drawn from the side and from above, all in m. */
export interface FlightPicture {
  /** Distance along the line and height above the ball. */
  flight: [number, number][];
  /** Distance along the line and across it, to the player's side positive, from the ball to where it stops. */
  track: [number, number][];
  /** Where it lands and stops along the line. */
  landing: number;
  finish: number;
  /** Height over the lip's edge; null when it comes down before, or rolls. */
  lipClearance: number | null;
}

/** Points drawn between two steps of the flight. */
const BETWEEN = 8;

/** Points between two steps of the flight, so that the drawn curve is smooth. */
function smoothed(trace: readonly FlightPoint[]): FlightPoint[] {
  return trace.flatMap((point, i) => {
    const next = trace[i + 1];
    if (!next) return [point];
    const dt = next.t - point.t;
    return Array.from({ length: BETWEEN }, (_, k) => {
      const u = k / BETWEEN;
      return {
        ...point,
        x: hermite(point.x, point.vx, next.x, next.vx, dt, u),
        y: hermite(point.y, point.vy, next.y, next.vy, dt, u),
        z: hermite(point.z, point.vz, next.z, next.vz, dt, u),
      };
    });
  });
}

/** The path of a putt: along the ground and up the lip. */
function rolled(shot: Shot, { x, y }: Finish): FlightPicture {
  const { lip } = shot;
  return {
    flight: [
      [0, 0],
      [Math.max(0, lip.distance - 0.4), 0],
      [lip.distance, lip.height],
      [Math.max(lip.distance, x), lip.height],
    ],
    track: [
      [0, 0],
      [x, y],
    ],
    landing: 0,
    finish: x,
    lipClearance: null,
  };
}

/** A flight that the lip ends, cut there: the ball drops back from it. */
function caught(points: readonly FlightPoint[], lip: Shot['lip']): FlightPicture {
  const before = points.filter(({ x }) => x <= lip.distance);
  const last = before.at(-1)!;
  return {
    flight: before.map(({ x, z }) => [x, z]),
    track: before.map(({ x, y }) => [x, y]),
    landing: last.x,
    finish: last.x,
    lipClearance: null,
  };
}

/**
 * A ball of a set-up, drawn: as meant, or with the errors of one swing.
 *
 * @param aim direction of the path, radians to the player's side; the ball starts where the golfer's balls are known to start from it
 */
export function flightPicture(
  setup: Setup,
  aim: number,
  golfer: Golfer,
  shot: Shot,
  error: SwingError = AS_MEANT,
): FlightPicture {
  if (setup.technique === 'putt') return rolled(shot, playAsMeant(setup, golfer, shot, aim));
  const { launch } = strike(setup, error, speedWith(golfer, setup.club), shot);
  const trace: FlightPoint[] = [];
  const finished = finishOf(
    launch,
    aim + error.aim + (golfer.startsOff ?? 0),
    aheadOf(shot),
    trace,
  );
  const { landing, x, y } = finished;
  const lipClearance = clearanceOf(finished);
  const points = smoothed(trace);
  if (lipClearance !== null && lipClearance < 0) return caught(points, shot.lip);
  return {
    flight: points.map((point) => [point.x, point.z]),
    track: [...points.map((point): [number, number] => [point.x, point.y]), [x, y]],
    landing: landing.x,
    finish: x,
    lipClearance,
  };
}
