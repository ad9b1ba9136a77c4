import { BALL_RADIUS, GRAVITY } from '@/core/ground/ball/ball';
import {
  DRAG_SCALE,
  SPIN_DECAY,
  dragCoefficient,
  liftCoefficient,
  turbulentShare,
} from '@/core/model/flight/aerodynamics';
import type { FlightStart } from '@/core/model/flight/fly';
import { headAtMark, rates, type SandTool } from '@/core/model/passage/passage';
import type { Sand } from '@/core/ground/sand/presets';
import type { SwingArc } from '@/core/ground/arc/arc';

/* The equations of sand and flight integrated plainly, to hold the product's own against: same physics, no tricks. */

/** Derivatives of (x, y, z, vx, vy, vz) in still air at time t. */
export function plainDerivatives(start: FlightStart, t: number, y: readonly number[]): number[] {
  const [, , , vx = 0, vy = 0, vz = 0] = y;
  const kept = 1 - t / SPIN_DECAY;
  const speed = Math.hypot(vx, vy, vz);
  const spin = Math.hypot(start.wx, start.wy, start.wz);
  const ratio = Math.min((spin * kept * BALL_RADIUS) / speed, 2);
  const turbulent = turbulentShare(speed);
  const drag = DRAG_SCALE * dragCoefficient(ratio, turbulent) * speed;
  const lift = (DRAG_SCALE * liftCoefficient(ratio, turbulent) * speed) / spin;
  return [
    vx,
    vy,
    vz,
    -drag * vx + lift * (start.wy * vz - start.wz * vy),
    -drag * vy + lift * (start.wz * vx - start.wx * vz),
    -drag * vz + lift * (start.wx * vy - start.wy * vx) - GRAVITY,
  ];
}

/** Carry on level ground by the midpoint rule in steps of `dt`, the last one shortened linearly. */
export function plainCarry(start: FlightStart, dt: number): number {
  let y = [0, 0, 0, start.vx, start.vy, start.vz];
  let t = 0;
  for (;;) {
    const k1 = plainDerivatives(start, t, y);
    const middle = y.map((value, i) => value + (dt / 2) * k1[i]!);
    const k2 = plainDerivatives(start, t + dt / 2, middle);
    const next = y.map((value, i) => value + dt * k2[i]!);
    if (next[2]! < 0 && next[5]! < 0) {
      const u = y[2]! / (y[2]! - next[2]!);
      return y[0]! + u * (next[0]! - y[0]!);
    }
    y = next;
    t += dt;
  }
}

/** The head at the ball by plain Euler steps of the same equations: depth and forward speed. */
export function plainPassage(
  arc: SwingArc,
  speed: number,
  tool: SandTool,
  sand: Sand,
  steps: number,
): { depth: number; forward: number } {
  const start = headAtMark(arc, speed);
  const dx = -start.mark / steps;
  let { depth, forward, down } = start;
  const rate = { depth: 0, forward: 0, down: 0, swept: 0 };
  for (let i = 0; i < steps; i++) {
    rates(depth, forward, down, i * dx, tool, sand, rate);
    const [d, u, v] = [rate.depth, rate.forward, rate.down];
    depth += d * dx;
    forward += u * dx;
    down += v * dx;
  }
  return { depth, forward };
}
