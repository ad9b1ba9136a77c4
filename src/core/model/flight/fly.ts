import { bisectRising } from '@/core/ground/numeric/bisect';
import { BALL_RADIUS, GRAVITY } from '@/core/ground/ball/ball';
import { hermite } from '@/core/ground/numeric/hermite';
import { clamp } from '@/core/ground/numeric/soft';
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
  /** Height above the start as the ball crosses the lip's distance, m; null when it comes down before. */
  heightAtLip: number | null;
}

const SHORT_FLIGHT = 2.5;
const SHORT_STEPS = 6;
const LONG_STEPS = 14;
const MOST_STEPS = 80;

/** Share of the wind at 10 m that blows at height z over mown ground: power law of exponent 0.15. */
function windAtHeight(z: number): number {
  return Math.pow(Math.max(z, 0.1) / 10, 0.15);
}

/** Acceleration, written by {@link accelerate}; a typed array, since numbers in module variables would be boxed. */
const acceleration = new Float64Array(3);

/** Acceleration by drag, lift and gravity at height h and velocity (u, v, w), the spin vector scaled by `kept`. */
function accelerate(
  h: number,
  u: number,
  v: number,
  w: number,
  start: FlightStart,
  spin: number,
  kept: number,
  wind: Wind,
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
  const lift = spin > 1e-6 ? (DRAG_SCALE * liftCoefficient(ratio, turbulent) * speed) / spin : 0;
  acceleration[0] = -drag * rx + lift * (start.wy * w - start.wz * ry);
  acceleration[1] = -drag * ry + lift * (start.wz * rx - start.wx * w);
  acceleration[2] = -drag * w + lift * (start.wx * ry - start.wy * rx) - GRAVITY;
}

/** State of the ball: x, y, z, vx, vy, vz. */
type State = Float64Array;

/** One classical fourth-order Runge-Kutta step of the state. */
function step(s: State, start: FlightStart, spin: number, t: number, dt: number, wind: Wind): void {
  const a = acceleration;
  const half = dt / 2;
  const z = s[2]!;
  const vx = s[3]!;
  const vy = s[4]!;
  const vz = s[5]!;
  const keptB = 1 - (t + half) / SPIN_DECAY;
  accelerate(z, vx, vy, vz, start, spin, 1 - t / SPIN_DECAY, wind);
  const ax1 = a[0]!;
  const ay1 = a[1]!;
  const az1 = a[2]!;
  const vx2 = vx + half * ax1;
  const vy2 = vy + half * ay1;
  const vz2 = vz + half * az1;
  accelerate(z + half * vz, vx2, vy2, vz2, start, spin, keptB, wind);
  const ax2 = a[0]!;
  const ay2 = a[1]!;
  const az2 = a[2]!;
  const vx3 = vx + half * ax2;
  const vy3 = vy + half * ay2;
  const vz3 = vz + half * az2;
  accelerate(z + half * vz2, vx3, vy3, vz3, start, spin, keptB, wind);
  const ax3 = a[0]!;
  const ay3 = a[1]!;
  const az3 = a[2]!;
  const vx4 = vx + dt * ax3;
  const vy4 = vy + dt * ay3;
  const vz4 = vz + dt * az3;
  accelerate(z + dt * vz3, vx4, vy4, vz4, start, spin, 1 - (t + dt) / SPIN_DECAY, wind);
  const sixth = dt / 6;
  s[0] = s[0]! + sixth * (vx + 2 * (vx2 + vx3) + vx4);
  s[1] = s[1]! + sixth * (vy + 2 * (vy2 + vy3) + vy4);
  s[2] = z + sixth * (vz + 2 * (vz2 + vz3) + vz4);
  s[3] = vx + sixth * (ax1 + 2 * (ax2 + ax3) + a[0]!);
  s[4] = vy + sixth * (ay1 + 2 * (ay2 + ay3) + a[1]!);
  s[5] = vz + sixth * (az1 + 2 * (az2 + az3) + a[2]!);
}

/** State now and before the step under way; scratch, since nothing here runs twice at once and flights are many. */
const now: State = new Float64Array(6);
const before: State = new Float64Array(6);

const NEWTON_STEPS = 5;

/**
 * Share of a step at which a coordinate that is p0 at its start and p1 at its end passes `level`: Newton's method on
 * the cubic, from the chord; the curve is nearly straight there.
 */
function crossing(
  p0: number,
  v0: number,
  p1: number,
  v1: number,
  dt: number,
  level: number,
): number {
  let u = p1 === p0 ? 0 : (level - p0) / (p1 - p0);
  for (let i = 0; i < NEWTON_STEPS; i++) {
    const rise = p1 - p0;
    const a = dt * v0 - rise;
    const b = rise - dt * v1;
    const value = hermite(p0, v0, p1, v1, dt, u);
    const slope = rise + a * (1 - u) * (1 - 3 * u) + b * u * (2 - 3 * u);
    if (Math.abs(slope) < 1e-12) break;
    u = clamp(u - (value - level) / slope, 0, 1);
  }
  return u;
}

/** Coordinate `axis` at share u of the step under way. */
function inside(axis: number, u: number, dt: number): number {
  return hermite(before[axis]!, before[axis + 3]!, now[axis]!, now[axis + 3]!, dt, u);
}

function pointInside(u: number, t: number, dt: number): FlightPoint {
  return {
    t: t + u * dt,
    x: inside(0, u, dt),
    y: inside(1, u, dt),
    z: inside(2, u, dt),
    vx: before[3]! + u * (now[3]! - before[3]!),
    vy: before[4]! + u * (now[4]! - before[4]!),
    vz: before[5]! + u * (now[5]! - before[5]!),
  };
}

/** Copies the state now to the state before; by hand, since a typed array's own copy costs more for six numbers. */
function keepBefore(): void {
  for (let i = 0; i < 6; i++) before[i] = now[i]!;
}

/** Share of the step under way at which coordinate `axis` passes `level`. */
function crossingOf(axis: number, level: number, dt: number): number {
  return crossing(before[axis]!, before[axis + 3]!, now[axis]!, now[axis + 3]!, dt, level);
}

/** Time aloft in a vacuum until the ball is back at height `ground`, s; the flight's steps are shares of it. */
function vacuumTime(vz: number, ground: number): number {
  const inside = vz * vz - 2 * GRAVITY * ground;
  return (Math.max(vz, 0.05) + Math.sqrt(Math.max(inside, vz * vz * 0.25 + 0.01))) / GRAVITY;
}

/**
 * Flight of a spinning ball through air until it comes down to height `ground`, by fourth-order Runge-Kutta
 * in a fixed number of steps of the vacuum flight time (6 for flights under 2.5 s, else 14).
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
  finer = 1,
): Flight {
  now.fill(0);
  now[3] = start.vx;
  now[4] = start.vy;
  now[5] = start.vz;
  const spin = Math.sqrt(start.wx * start.wx + start.wy * start.wy + start.wz * start.wz);
  const aloft = vacuumTime(start.vz, ground);
  const dt = aloft / ((aloft < SHORT_FLIGHT ? SHORT_STEPS : LONG_STEPS) * finer);
  let t = 0;
  let apex = 0;
  let heightAtLip: number | null = null;
  keepBefore();
  trace?.push(pointInside(0, 0, dt));
  for (let i = 0; i < MOST_STEPS * finer; i++) {
    keepBefore();
    step(now, start, spin, t, dt, wind);
    if (before[5]! > 0 && now[5]! <= 0) {
      apex = Math.max(apex, inside(2, before[5]! / (before[5]! - now[5]!), dt));
    }
    const down = now[5]! < 0 && now[2]! < ground;
    // A ball that never rose to the ground's height falls back on to the sand where it came from.
    const landed = before[2]! >= ground || apex > ground;
    const u = down ? (landed ? landingShare(dt, ground) : 0) : 1;
    if (lipAt > 0 && heightAtLip === null && now[0]! >= lipAt && before[0]! < lipAt) {
      const s = crossingOf(0, lipAt, dt);
      if (s <= u) heightAtLip = inside(2, s, dt);
    }
    if (down) {
      const landing = pointInside(u, t, dt);
      trace?.push(landing);
      return { landed, landing, apex, spinKept: 1 - landing.t / SPIN_DECAY, heightAtLip };
    }
    t += dt;
    trace?.push(pointInside(1, t - dt, dt));
  }
  return { landed: false, landing: pointInside(1, t - dt, dt), apex, spinKept: 0, heightAtLip };
}

/** Share of the last step at which the ball comes down to the ground: from its top on, when that is inside the step. */
function landingShare(dt: number, ground: number): number {
  if (before[2]! >= ground) return crossingOf(2, ground, dt);
  const top = before[5]! / (before[5]! - now[5]!);
  return bisectRising((share) => ground - inside(2, share, dt), top, 1, 30);
}
