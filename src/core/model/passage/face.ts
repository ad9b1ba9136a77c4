import { softPositive } from '@/core/ground/numeric/soft';
import type { Sand } from '@/core/ground/sand/presets';
import { bearing, facing, type Load } from './bearing';

/** Length of the face from heel to toe that meets the sand, m. Middling of the trade. */
const BLADE = 0.072;

/**
 * Momentum that the sheet of sand takes from the face, as a multiple of its own flux, and the depth of the edge past
 * which the sheet spills over the face instead of growing, m. Tuned to splash and to buried-ball distances.
 */
const SHEET_DRAG = 2.59;
const SPILL_DEPTH = 0.0398;

/**
 * Share of the sheet's push that a laid-back face takes downwards: it climbs the face and presses the edge in, which is
 * what makes a club dig. Tuned with {@link SHEET_DRAG}; all of it would be a push square to the face.
 */
const DIVING = 0.853;

/**
 * Load of the sand on the part of the face that is below the surface: static resistance, and the momentum of the sheet
 * of sand that it turns aside.
 *
 * @param depth of the leading edge, m
 * @param u forward and v downward speed, m/s
 * @param nx forward and nz upward component of the outward normal of the face
 * @param out written
 */
export function faceLoad(
  depth: number,
  u: number,
  v: number,
  nx: number,
  nz: number,
  sand: Sand,
  out: Load,
): void {
  const d = softPositive(depth, 0.0012);
  const into = softPositive(u * nx - v * nz, 0.5);
  const square = facing(into, u * u + v * v);
  const strength = bearing(sand.strength, d) + (sand.stiffness * d) / 2;
  const base = sand.baseStiffness * softPositive(d - sand.baseDepth, 0.001);
  const still = (((strength + base) / 2) * square * BLADE * d) / (nx + 0.12);

  const sheet = d / (1 + d / SPILL_DEPTH);
  const flux = SHEET_DRAG * sand.faceDrag * sand.density * BLADE * sheet * u;
  const held = sand.faceShear;
  out.back = still * (nx + sand.friction * nz) + flux * u * (nx * nx + held * (1 - nx * nx));
  out.up = -still * (nz - sand.friction * nx) - DIVING * flux * (1 - held) * u * nx * nz;
}
