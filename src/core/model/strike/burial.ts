import { BALL_MASS, BALL_RADIUS } from '@/core/ground/ball/ball';
import { radians } from '@/core/ground/units/angle';
import { softPositive } from '@/core/ground/numeric/soft';
import type { Sand } from '@/core/ground/sand/presets';
import type { Launch } from './launch';

/** Burial that needs no sand moved, m: a ball that merely settles. */
const FREE_BURIAL = 0.0045;
const SHALLOW = softPositive(-FREE_BURIAL, 0.0015);

/**
 * Share of the swept sand's mass that the ball has to carry along: sand just above it counts in full, more of it slides
 * aside. Tuned to distances of fried eggs, plugged and buried balls.
 */
const CARRIED = 2.5;

/** Share of that which a ball carries that is struck before the sand: none of it moves with the head. Tuned to a ball that is hit down on. */
const CLEAN_CARRIES = 0.15;

/**
 * What the sand above and before a sunken ball takes: the ball shares its momentum with the sand in its way,
 * more of it along than up, and loses work against the strength of the sand. A ball driven down is topped.
 *
 * @param launch changed in place
 * @param burial depth of the ball's lowest point, m
 * @param edge height on the ball at which the edge met it, m
 */
export function throughSandAbove(launch: Launch, sand: Sand, burial: number, edge: number): void {
  const area = Math.PI * BALL_RADIUS * BALL_RADIUS;
  const above = Math.max(0, softPositive(burial - FREE_BURIAL, 0.0015) - SHALLOW);
  if (above > 0) {
    const horizontal = Math.hypot(launch.vx, launch.vy);
    const elevation = Math.atan2(launch.vz, horizontal);
    const climb = Math.sin(softPositive(elevation + radians(8), radians(3))) + 0.02;
    const path = (above / (1 + above / 0.004) + 0.04 * above) / climb;
    const thick = edge / 0.007;
    const sandy = CLEAN_CARRIES + (1 - CLEAN_CARRIES) * (1 - launch.cleanness);
    const carried = CARRIED * sandy * (1 + thick * thick) * sand.density * area * path;
    const along = BALL_MASS / (BALL_MASS + carried);
    const up = BALL_MASS / (BALL_MASS + 0.55 * carried);
    const work =
      (2 * 0.03 * (0.3 * sand.strength + (sand.stiffness * burial) / 2) * area * path) / BALL_MASS;
    const vx = launch.vx * along;
    const vy = launch.vy * along;
    const vz = launch.vz > 0 ? launch.vz * up : launch.vz;
    const speed2 = vx * vx + vy * vy + vz * vz;
    const kept = speed2 > 0 ? Math.sqrt(Math.max(0, 1 - work / speed2)) : 0;
    launch.vx = vx * kept;
    launch.vy = vy * kept;
    launch.vz = vz * kept;
    const spin = along * up;
    launch.wx *= spin * spin;
    launch.wy *= spin * spin;
    launch.wz *= spin * spin;
  }
  if (launch.vz < 0) {
    const kept = Math.exp(launch.vz / 2);
    launch.vx *= kept;
    launch.vy *= kept;
    launch.vz *= -0.3;
  }
}
