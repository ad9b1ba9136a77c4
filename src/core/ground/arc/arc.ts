import { BALL_RADIUS } from '../ball/ball';

/** Radius of the path of the head near the ground, m: lead arm and shaft less the bend of wrist and spine. Tuned. */
export const ARC_RADIUS = 1.1;

/**
 * Lowest line of the sole along the shot as it would run in air, a parabola of the arc's curvature:
 * depth(x) = depth - (x - lowPoint)^2 / (2 ARC_RADIUS), x = 0 under the ball, depth positive below the sand.
 */
export interface SwingArc {
  /** Depth at the low point, m; negative when the arc stays above the sand. */
  depth: number;
  /** Where the low point lies, m ahead of the ball. */
  lowPoint: number;
}

/**
 * Distance from the ball's lowest point back to where its visible edge meets the sand, m: half the chord at
 * the surface of a ball buried by h, all of the radius once it is half under. Coaches measure the mark from
 * the edge that they see.
 */
export function visibleEdge(burial: number): number {
  return burial < BALL_RADIUS ? Math.sqrt(2 * BALL_RADIUS * burial - burial * burial) : BALL_RADIUS;
}

/**
 * Soft floor that keeps an attack above zero, radians: (g + 0.5 + sqrt((g - 0.5)^2 + 1)) / 2 in degrees. A
 * head that comes in level never gets into the sand.
 */
export function flooredAttack(attack: number): number {
  const g = (attack * 180) / Math.PI;
  return (((g + 0.5 + Math.sqrt((g - 0.5) * (g - 0.5) + 1)) / 2) * Math.PI) / 180;
}

/**
 * The arc that enters level sand `path` metres before the ball's lowest point at the given attack.
 *
 * @param path m; negative when the sand is met beyond the ball
 * @param attack angle below level at the sand, radians, after {@link flooredAttack}
 * @param lift error of height, m, positive deeper
 * @example
 * arcThrough(0.05, 0.2).depth.toFixed(4); // => '0.0226'
 */
export function arcThrough(path: number, attack: number, lift = 0): SwingArc {
  const slope = Math.tan(attack);
  return { depth: (ARC_RADIUS * slope * slope) / 2 + lift, lowPoint: ARC_RADIUS * slope - path };
}
