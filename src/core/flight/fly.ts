import { BALL_RADIUS, GRAVITY } from '../ball/ball';
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

/** Wind at 10 m over open ground, m/s, as the air moves along x and y. */
export interface Wind {
  x: number;
  y: number;
}

export const NO_WIND: Wind = { x: 0, y: 0 };

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

const SIZE = 6;
const k1 = new Float64Array(SIZE);
const k2 = new Float64Array(SIZE);
const k3 = new Float64Array(SIZE);
const k4 = new Float64Array(SIZE);
const state = new Float64Array(SIZE);
const probe = new Float64Array(SIZE);
const before = new Float64Array(SIZE);

/** Equations of motion at state s = (x, y, z, vx, vy, vz) with spin vector scaled by `kept`. */
function motion(
  s: Float64Array,
  start: FlightStart,
  kept: number,
  wind: Wind,
  out: Float64Array,
): void {
  let rx = s[3]!;
  let ry = s[4]!;
  const rz = s[5]!;
  if (wind.x !== 0 || wind.y !== 0) {
    const share = windAtHeight(s[2]!);
    rx -= wind.x * share;
    ry -= wind.y * share;
  }
  const wx = start.wx * kept;
  const wy = start.wy * kept;
  const wz = start.wz * kept;
  const speed = Math.sqrt(rx * rx + ry * ry + rz * rz) + 1e-9;
  const spin = Math.sqrt(wx * wx + wy * wy + wz * wz);
  const ratio = (spin * BALL_RADIUS) / speed;
  const turbulent = turbulentShare(speed);
  const drag = DRAG_SCALE * dragCoefficient(Math.min(ratio, 2), turbulent) * speed;
  let lift = 0;
  if (spin > 1e-6) {
    lift = (DRAG_SCALE * liftCoefficient(Math.min(ratio, 2), turbulent) * speed) / spin;
  }
  out[0] = s[3]!;
  out[1] = s[4]!;
  out[2] = rz;
  out[3] = -drag * rx + lift * (wy * rz - wz * ry);
  out[4] = -drag * ry + lift * (wz * rx - wx * rz);
  out[5] = -drag * rz + lift * (wx * ry - wy * rx) - GRAVITY;
}

/** One fourth-order Runge-Kutta step of the module's state. */
function step(start: FlightStart, t: number, dt: number, wind: Wind): void {
  const keptA = 1 - t / SPIN_DECAY;
  const keptB = 1 - (t + dt / 2) / SPIN_DECAY;
  const keptC = 1 - (t + dt) / SPIN_DECAY;
  motion(state, start, keptA, wind, k1);
  for (let i = 0; i < SIZE; i++) probe[i] = state[i]! + (dt / 2) * k1[i]!;
  motion(probe, start, keptB, wind, k2);
  for (let i = 0; i < SIZE; i++) probe[i] = state[i]! + (dt / 2) * k2[i]!;
  motion(probe, start, keptB, wind, k3);
  for (let i = 0; i < SIZE; i++) probe[i] = state[i]! + dt * k3[i]!;
  motion(probe, start, keptC, wind, k4);
  for (let i = 0; i < SIZE; i++) {
    state[i] = state[i]! + (dt / 6) * (k1[i]! + 2 * k2[i]! + 2 * k3[i]! + k4[i]!);
  }
}

/** Cubic Hermite value at share u of a step of length dt. */
function hermite(p0: number, v0: number, p1: number, v1: number, dt: number, u: number): number {
  const u2 = u * u;
  const u3 = u2 * u;
  return (
    (2 * u3 - 3 * u2 + 1) * p0 +
    (u3 - 2 * u2 + u) * dt * v0 +
    (3 * u2 - 2 * u3) * p1 +
    (u3 - u2) * dt * v1
  );
}

/** Share of the last step at which coordinate `axis` passes `level`: bisection, then good to 1e-7 of the step. */
function crossing(axis: number, level: number, dt: number): number {
  const p0 = before[axis]!;
  const v0 = before[axis + 3]!;
  const p1 = state[axis]!;
  const v1 = state[axis + 3]!;
  const rising = p1 > p0;
  let a = 0;
  let b = 1;
  for (let i = 0; i < 24; i++) {
    const m = (a + b) / 2;
    if (hermite(p0, v0, p1, v1, dt, m) > level === rising) b = m;
    else a = m;
  }
  return (a + b) / 2;
}

function pointInside(u: number, t: number, dt: number): FlightPoint {
  const at = (axis: number): number =>
    hermite(before[axis]!, before[axis + 3]!, state[axis]!, state[axis + 3]!, dt, u);
  const speed = (axis: number): number => before[axis]! + u * (state[axis]! - before[axis]!);
  return { t: t + u * dt, x: at(0), y: at(1), z: at(2), vx: speed(3), vy: speed(4), vz: speed(5) };
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
 */
export function fly(
  start: FlightStart,
  ground: number,
  lipAt: number,
  wind: Wind,
  trace?: FlightPoint[],
): Flight {
  state.fill(0);
  state[3] = start.vx;
  state[4] = start.vy;
  state[5] = start.vz;
  const aloft = vacuumTime(start.vz, ground);
  const dt = aloft / (aloft < SHORT_FLIGHT ? SHORT_STEPS : LONG_STEPS);
  let t = 0;
  let apex = 0;
  let heightAtLip: number | null = null;
  trace?.push({ t: 0, x: 0, y: 0, z: 0, vx: start.vx, vy: start.vy, vz: start.vz });
  for (let i = 0; i < MOST_STEPS; i++) {
    before.set(state);
    step(start, t, dt, wind);
    if (before[5]! > 0 && state[5]! <= 0) {
      const top = before[5]! / (before[5]! - state[5]!);
      apex = Math.max(apex, hermite(before[2]!, before[5]!, state[2]!, state[5]!, dt, top));
    }
    const down = state[5]! < 0 && state[2]! < ground;
    const u = down && before[2]! >= ground ? crossing(2, ground, dt) : down ? 0 : 1;
    if (lipAt > 0 && heightAtLip === null && state[0]! >= lipAt && before[0]! < lipAt) {
      const s = crossing(0, lipAt, dt);
      if (s <= u) heightAtLip = hermite(before[2]!, before[5]!, state[2]!, state[5]!, dt, s);
    }
    if (down) {
      // A ball that never rose to the ground's height falls back on to the sand where it came from.
      const landed = before[2]! >= ground || apex >= ground;
      const landing = pointInside(u, t, dt);
      trace?.push(landing);
      return { landed, landing, apex, spinKept: 1 - landing.t / SPIN_DECAY, heightAtLip };
    }
    t += dt;
    trace?.push(pointInside(1, t - dt, dt));
  }
  return { landed: false, landing: pointInside(1, t - dt, dt), apex, spinKept: 0, heightAtLip };
}
