import { BALL_MASS, BALL_RADIUS } from '@/core/ground/ball/ball';

/** Air at 20 C and sea level: density, kg/m^3, and kinematic viscosity, m^2/s. */
export const AIR_DENSITY = 1.2;
export const AIR_VISCOSITY = 1.5e-5;

/** 1/2 rho A / m, 1/m: turns a coefficient times speed squared into an acceleration. */
export const DRAG_SCALE = (0.5 * AIR_DENSITY * Math.PI * BALL_RADIUS * BALL_RADIUS) / BALL_MASS;

/** Time in which spin falls by 1/e, s (order of Smits and Smith 1994). */
export const SPIN_DECAY = 24;

/**
 * Blend from subcritical (0) to supercritical (1) flow of a dimpled ball with Reynolds number:
 * centred on 4e4, as the drag crisis of dimpled spheres in Bearman and Harvey (1976). Its width of 2e4 is tuned:
 * spin spreads the crisis, and a narrow one would let a slow ball fly further into a wind than without it.
 */
export function turbulentShare(speed: number): number {
  const z = ((2 * BALL_RADIUS * speed) / AIR_VISCOSITY - 4e4) / 2e4;
  return (1 + z / Math.sqrt(1 + z * z)) / 2;
}

/**
 * Drag coefficient 0.193 + 0.27 S + 0.26 (1 - H); S is spin ratio (rim speed over speed), H the turbulent share.
 * Form after Bearman and Harvey (1976) and Smits and Smith (1994); constants tuned to published carries.
 */
export const dragCoefficient = (spinRatio: number, turbulent: number): number =>
  0.193 + 0.27 * spinRatio + 0.26 * (1 - turbulent);

/** Lift coefficient 0.37 S^(3/8) (0.45 + 0.55 H). Same sources. */
export function liftCoefficient(spinRatio: number, turbulent: number): number {
  // S^(3/8) as S^(1/4) S^(1/8): three square roots cost less than a power, and flights are many.
  const quarter = Math.sqrt(Math.sqrt(spinRatio));
  return 0.37 * quarter * Math.sqrt(quarter) * (0.45 + 0.55 * turbulent);
}
