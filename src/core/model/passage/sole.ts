import type { SoleShape } from '@/core/ground/club/sole';
import { softPositive } from '@/core/ground/numeric/soft';
import type { Sand } from '@/core/ground/sand/presets';
import { bearing, facing, type Load } from './bearing';

/** Length of the sole from heel to toe that meets the sand, m. Middling of the trade. */
const BLADE = 0.062;

/** Depth by which sand bears half of what it will at speed, m: a few grains. */
const GRAINS = 0.00137;

/** Share of its strength with which packed sand pushes a sole that leaves it. Tuned to thin strikes from firm sand. */
const REBOUND = 0.442;

/** Share of its push that a hard base gives back to a sole that leaves it: 0.39 of the speed. Tuned. */
const GIVEN_BACK = 0.15;

/** What the sand does to the sole, and how far the edge rides above it on average, m. */
export interface SoleLoad extends Load {
  rise: number;
}

/**
 * Load of the sand on a cambered sole that moves through it, summed over parts of its width, each with its own
 * depth and angle: the front of a round sole meets the sand steeply, its rear falls away from it until the
 * face is opened or the bounce is great. On each part bear
 *
 * - strength and stiffness growing with depth, and a hard base as one more stiffness (quasi-static resistance,
 *   the form of granular resistive force theory: Li, Zhang and Goldman, Science 339, 2013);
 * - inertia, soleDrag rho v_n^2 with the speed v_n at which that part moves into the sand (the form of impact laws,
 *   Katsuragi and Durian, Nature Physics 3, 2007, who have about 2.7 for a sphere; 1.1 for plates by Agarwal et al.,
 *   Science Advances 7, 2021; a planing plate lifts pi/2 rho V v_n, Wagner 1932, which is 4.5 rho v_n^2 at 20
 *   degrees).
 *
 * @param depth of the leading edge, m
 * @param u forward and v downward speed, m/s
 * @param soleX forward component of the outward normal of the sole's chord, -1 to 1
 * @param out written
 */
export function soleLoad(
  depth: number,
  u: number,
  v: number,
  soleX: number,
  shape: SoleShape,
  sand: Sand,
  out: SoleLoad,
): void {
  const speed2 = u * u + v * v;
  const soleZ = Math.sqrt(Math.max(0, 1 - soleX * soleX));
  const stiffness = 0.7 * sand.stiffness;
  const inertia = sand.soleDrag * sand.density;
  const given = GIVEN_BACK + (1 - GIVEN_BACK) * (0.5 + 0.5 * facing(v, speed2));
  let back = 0;
  let up = 0;
  let rise = 0;
  for (let i = 0; i < shape.length; i++) {
    const { share, width, behind, bulge, level, steep } = shape[i]!;
    const nx = soleX * level + soleZ * steep;
    const nz = soleZ * level - soleX * steep;
    const hang = behind * soleX + bulge * soleZ;
    rise += share * hang;
    const d = softPositive(depth + hang, 0.0012);
    const into = u * nx + v * nz;
    const pressing = softPositive(into, 0.5);
    const square = facing(into, speed2);
    const towards = softPositive(square, 0.1);
    const strength = bearing(sand.strength, d);
    const stress =
      (strength + stiffness * d) * towards +
      REBOUND * strength * (towards - square) +
      inertia * pressing * pressing;
    const area = (width * BLADE * d) / (d + GRAINS);
    const force = stress * area;
    const base = sand.baseStiffness * softPositive(d - sand.baseDepth, 0.0006) * given * area;
    back += force * (nx + sand.friction * nz) + sand.friction * base;
    up += force * (nz - sand.friction * nx) + base;
  }
  out.back = back;
  out.up = up;
  out.rise = softPositive(rise, 0.001);
}
