import { BALL_RADIUS, GRAVITY } from '@/core/ground/ball/ball';
import type { Count } from '@/core/ground/numeric/count';
import { hermite, hermiteSlope } from '@/core/ground/numeric/hermite';
import type { Wind } from '@/core/ground/situation/wind';
import {
  DRAG_SCALE,
  SPIN_DECAY,
  dragCoefficient,
  liftCoefficient,
  turbulentShare,
} from './aerodynamics';

/** What a flight starts from: velocity, m/s, and spin vector, rad/s. x along the line, y left, z up. */
export interface FlightStart {
  vx: number;
  vy: number;
  vz: number;
  wx: number;
  wy: number;
  wz: number;
}

/** A point of the path. */
export interface FlightPoint {
  t: number;
  x: number;
  y: number;
  z: number;
  vx: number;
  vy: number;
  vz: number;
}

/** Where and how the ball comes down, with the height at each distance asked for. */
export interface Flight {
  /** False when the ball never rose to the landing height. */
  landed: boolean;
  landing: FlightPoint;
  /** Greatest height above the start, m. */
  apex: number;
  /** Spin at landing over spin at the start. */
  spinKept: number;
  /** Height above the start as the ball crosses the lip's distance, m; -Infinity when it comes down before. */
  heightAtLip: number;
}

/** A flight shorter than this, s of the vacuum's, goes in few steps, others in many; none takes more than the most. */
const SHORT_FLIGHT = 2.5;
const SHORT_STEPS: Count = 3;
const LONG_STEPS: Count = 7;
const MOST_STEPS: Count = 40;

/** Share of the wind at 10 m that blows at height z over mown ground: power law of exponent 0.15. */
const windAtHeight = (z: number): number => Math.pow(Math.max(z, 0.1) / 10, 0.15);

/** Acceleration of the ball, m/s^2. */
interface Acceleration {
  x: number;
  y: number;
  z: number;
}

/** Acceleration by drag, lift and gravity at height h and velocity (u, v, w); written to `out`. */
function accelerate(
  h: number,
  u: number,
  v: number,
  w: number,
  start: FlightStart,
  spin: number,
  kept: number,
  wind: Wind,
  out: Acceleration,
): void {
  let rx = u;
  let ry = v;
  if (wind.x !== 0 || wind.y !== 0) {
    const share = windAtHeight(h);
    rx -= wind.x * share;
    ry -= wind.y * share;
  }
  const speed = Math.sqrt(rx * rx + ry * ry + w * w) + 1e-9;
  const ratio = Math.min((spin * kept * BALL_RADIUS) / speed, 2);
  const turbulent = turbulentShare(speed);
  const drag = DRAG_SCALE * dragCoefficient(ratio, turbulent) * speed;
  const lift = (DRAG_SCALE * liftCoefficient(ratio, turbulent) * speed) / Math.max(spin, 1e-6);
  out.x = lift * (start.wy * w - start.wz * ry) - drag * rx;
  out.y = lift * (start.wz * rx - start.wx * w) - drag * ry;
  out.z = lift * (start.wx * ry - start.wy * rx) - drag * w - GRAVITY;
}

/** Scratch of {@link fly}: nothing here runs twice at once, and flights are many. */
const one: Acceleration = { x: 0, y: 0, z: 0 };
const two: Acceleration = { x: 0, y: 0, z: 0 };
const three: Acceleration = { x: 0, y: 0, z: 0 };
const four: Acceleration = { x: 0, y: 0, z: 0 };

const NEWTON_STEPS: Count = 3;

/**
 * Share of a step at which a coordinate that is p0 at its start and p1 at its end passes `level`: Newton's method on the
 * cubic, which is nearly straight there.
 *
 * @param from share of the step before which it is not looked for
 * @param guess where to look first
 */
function crossing(
  p0: number,
  v0: number,
  p1: number,
  v1: number,
  dt: number,
  level: number,
  from: number,
  guess: number,
): number {
  let u = guess;
  for (let i = 0; i < NEWTON_STEPS; i++) {
    const past = hermite(p0, v0, p1, v1, dt, u) - level;
    const slope = hermiteSlope(p0, v0, p1, v1, dt, u);
    const next = Math.min(Math.max(u - past / slope, from), 1);
    u = Math.abs(slope) > 1e-12 ? next : u;
  }
  return u;
}

/** Time aloft in a vacuum until the ball is back at height `ground`, s; the flight's steps are shares of it. */
function vacuumTime(vz: number, ground: number): number {
  const inside = vz * vz - 2 * GRAVITY * ground;
  return (Math.max(vz, 0.05) + Math.sqrt(Math.max(inside, vz * vz * 0.25 + 0.01))) / GRAVITY;
}

/**
 * Flight of a spinning ball through air until it comes down to height `ground`, by the classical fourth-order Runge-Kutta
 * method in a fixed number of steps of the vacuum flight time (3 for flights under 2.5 s, else 7), with crossings found on the
 * cubic inside a step.
 *
 * @param start velocity and spin at the start, at the origin
 * @param ground height of the landing ground above the start, m
 * @param lipAt distance at which the height is wanted, m; 0 for none
 * @param wind air's motion at 10 m
 * @param trace receives the points of the path when given, for drawing
 * @param finer times as many steps, to see what the usual ones leave
 */
export function fly(
  start: FlightStart,
  ground: number,
  lipAt: number,
  wind: Wind,
  trace?: FlightPoint[],
  finer: Count = 1,
): Flight {
  const spin = Math.sqrt(start.wx * start.wx + start.wy * start.wy + start.wz * start.wz);
  const aloft = vacuumTime(start.vz, ground);
  const dt = aloft / ((aloft < SHORT_FLIGHT ? SHORT_STEPS : LONG_STEPS) * finer);
  const half = dt / 2;
  const sixth = dt / 6;
  let { vx, vy, vz } = start;
  let x = 0;
  let y = 0;
  let z = 0;
  let t = 0;
  let apex = 0;
  let heightAtLip = -Infinity;
  let landed = false;
  let down = false;
  trace?.push({ t, x, y, z, vx, vy, vz });
  for (let i = 0; i < MOST_STEPS * finer && !down; i++) {
    const kept = 1 - t / SPIN_DECAY;
    const keptHalf = 1 - (t + half) / SPIN_DECAY;
    accelerate(z, vx, vy, vz, start, spin, kept, wind, one);
    const vx2 = vx + half * one.x;
    const vy2 = vy + half * one.y;
    const vz2 = vz + half * one.z;
    accelerate(z + half * vz, vx2, vy2, vz2, start, spin, keptHalf, wind, two);
    const vx3 = vx + half * two.x;
    const vy3 = vy + half * two.y;
    const vz3 = vz + half * two.z;
    accelerate(z + half * vz2, vx3, vy3, vz3, start, spin, keptHalf, wind, three);
    const vx4 = vx + dt * three.x;
    const vy4 = vy + dt * three.y;
    const vz4 = vz + dt * three.z;
    accelerate(z + dt * vz3, vx4, vy4, vz4, start, spin, 1 - (t + dt) / SPIN_DECAY, wind, four);
    const nx = x + sixth * (vx + 2 * (vx2 + vx3) + vx4);
    const ny = y + sixth * (vy + 2 * (vy2 + vy3) + vy4);
    const nz = z + sixth * (vz + 2 * (vz2 + vz3) + vz4);
    const nvx = vx + sixth * (one.x + 2 * (two.x + three.x) + four.x);
    const nvy = vy + sixth * (one.y + 2 * (two.y + three.y) + four.y);
    const nvz = vz + sixth * (one.z + 2 * (two.z + three.z) + four.z);

    if (vz > 0 && nvz <= 0) apex = Math.max(apex, hermite(z, vz, nz, nvz, dt, vz / (vz - nvz)));
    down = nvz < 0 && nz < ground;
    // A ball that never rose to the ground's height falls back on to the sand where it came from.
    const above = z >= ground;
    landed = above || apex > ground;
    let share = 1;
    if (down) {
      const top = Math.min(Math.max(vz / (vz - nvz), 0), 1);
      const chord = Math.min(Math.max((ground - z) / (nz - z), 0), 1);
      const at = crossing(z, vz, nz, nvz, dt, ground, above ? 0 : top, above ? chord : 1);
      share = landed ? at : 0;
    }
    if (lipAt > 0 && nx >= lipAt && x < lipAt) {
      const at = crossing(x, vx, nx, nvx, dt, lipAt, 0, (lipAt - x) / (nx - x));
      if (at <= share) heightAtLip = hermite(z, vz, nz, nvz, dt, at);
    }
    x = hermite(x, vx, nx, nvx, dt, share);
    y = hermite(y, vy, ny, nvy, dt, share);
    z = hermite(z, vz, nz, nvz, dt, share);
    vx += share * (nvx - vx);
    vy += share * (nvy - vy);
    vz += share * (nvz - vz);
    t += share * dt;
    trace?.push({ t, x, y, z, vx, vy, vz });
  }
  return {
    landed: down && landed,
    landing: { t, x, y, z, vx, vy, vz },
    apex,
    spinKept: down ? 1 - t / SPIN_DECAY : 0,
    heightAtLip,
  };
}
