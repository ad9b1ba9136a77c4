import { fact, type Fact } from '@/core/ground/fact/fact';
import { sitsDown } from '@/core/ground/sand/lie';
import { GRAVITY } from '@/core/ground/ball/ball';
import { rollingDrag } from '../green/surface';
import type { Green } from '@/core/ground/situation/green';
import type { Sand } from '@/core/ground/sand/presets';
import { clamp } from '@/core/ground/numeric/soft';

/**
 * Deceleration of a ball that rolls through sand, m/s^2: it ploughs a groove whose depth goes with the sand's
 * softness. Tuned: a putt crosses a pace of hardpan with little loss and is stopped within two by soft sand.
 */
export function sandRollingDrag(sand: Sand): number {
  const strength = 0.25 * sand.strength + 0.004 * sand.stiffness;
  return clamp(1.2 + 2.6e5 / (strength + 2e4), 1.2, 14);
}

/** Green, fringe and rough slow a ball by these multiples of the green's rolling drag. Tuned. */
const FRINGE_DRAG = 1.8;

/** A rolling ball has 7/5 of the kinetic energy of a sliding one, so a climb costs 10/7 g h of v^2. */
const CLIMB = (10 / 7) * GRAVITY;

/** Steepest face that a ball rolls up rather than into, as a tangent. Tuned. */
export const STEEPEST_FACE = 0.45;

/** The ground of a putt, m. */
export interface PuttGround {
  lipHeight: number;
  lipDistance: number;
  edge: number;
  sand: Sand;
  green: Green;
}

/**
 * Distance that a ball rolls from speed `v`, m, and whether it leaves the sand: through the sand, up the lip's face,
 * over the fringe and along the green.
 */
export function rollDistance(v: number, ground: PuttGround): { distance: number; out: boolean } {
  const inSand = 2 * sandRollingDrag(ground.sand);
  let energy = v * v - inSand * ground.lipDistance - CLIMB * ground.lipHeight;
  if (energy <= 0) {
    // Stopped in the sand, or rolled back down the face to about where it began to climb.
    return { distance: Math.min((v * v) / inSand, ground.lipDistance * 0.9), out: false };
  }
  const slope = (10 / 7) * GRAVITY * Math.sin(ground.green.slope);
  const green = Math.max(2 * rollingDrag(ground.green.stimp) + slope, 0.05);
  const fringe = green + 2 * (FRINGE_DRAG - 1) * rollingDrag(ground.green.stimp);
  const apron = Math.max(0, ground.edge - ground.lipDistance);
  if (energy <= fringe * apron)
    return { distance: ground.lipDistance + energy / fringe, out: true };
  energy -= fringe * apron;
  return { distance: ground.lipDistance + apron + energy / green, out: true };
}

/** Why this ball cannot be putted out, or null. */
export function puttFault(ground: PuttGround, burial: number): Fact | null {
  if (sitsDown(burial)) return fact('roll.notOnTop');
  if (sandRollingDrag(ground.sand) > 8) return fact('roll.tooSoft');
  const face = ground.lipHeight / Math.max(0.3, Math.min(ground.lipDistance, 1.5));
  if (ground.lipHeight > 0.35 || face > STEEPEST_FACE) return fact('roll.lip');
  if (ground.lipDistance > 8) return fact('roll.tooMuchSand');
  return null;
}
