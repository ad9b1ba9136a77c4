import type { Club } from '@/core/ground/club/club';
import type { HeadNormals } from '@/core/ground/club/geometry';
import { clamp, softPositive } from '@/core/ground/numeric/soft';
import { ARC_RADIUS, type SwingArc } from '@/core/ground/arc/arc';
import type { Sand } from '@/core/ground/sand/presets';

/** Mass of shaft and hands that follows the head through the sand, kg. Tuned. */
const FOLLOWING_MASS = 0.04;

const SOLE_BLADE = 0.062;
const FACE_BLADE = 0.072;

/** Metres of travel in which the head turns by one radian as it follows the arc. */
const TURN_LENGTH = 1;

/** Fixed number of midpoint steps from the mark to the ball: a count that varied with length would make jumps. */
const STEPS = 12;

/**
 * Momentum that the sheet of sand takes from the face, as a multiple of its own flux, and the depth of the edge past
 * which the sheet spills over the face instead of growing, m. Tuned to splash and to buried-ball distances.
 */
const SHEET_DRAG = 3.05;
const SPILL_DEPTH = 0.045;

const STALL_SPEED = 1;
const DEEPEST = 0.08;

/** The club as the sand meets it. */
export interface SandTool {
  normals: HeadNormals;
  /** The club's sole, m wide, how round it is, and its head's mass, kg. */
  club: Pick<Club, 'sole' | 'camber' | 'headMass'>;
}

/** The head as it moves through the sand. */
export interface HeadState {
  /** Depth of the leading edge below the surface, m. */
  depth: number;
  /** Forward speed, m/s. */
  forward: number;
  /** Downward speed, m/s. */
  down: number;
  /** Area of sand swept in the plane of the shot since the mark, m^2. */
  swept: number;
  /** Length of sand travelled, m. */
  path: number;
  /** True when the sand stopped the head. */
  stalled: boolean;
}

/** How far the leading edge rides above the lowest line of a sole that is `soleX` steep, m. */
export function edgeRise(sole: number, soleX: number): number {
  return 0.45 * sole * softPositive(soleX, 0.03);
}

/** Rates of change of a {@link HeadState} with the distance travelled. */
export interface HeadRates {
  depth: number;
  forward: number;
  down: number;
  swept: number;
}

/**
 * Derivatives of depth, speeds and swept area with the distance travelled.
 *
 * Sole: a cambered plate on a bed with strength, stiffness growing with depth and inertial drag (quasi-static
 * resistance plus a term in rho v^2, the form of granular impact laws after Katsuragi and Durian 2007).
 * Face: static passive resistance, and the momentum flux of the sheet of sand it turns aside.
 *
 * @param out written
 */
export function rates(
  depth: number,
  u: number,
  v: number,
  turned: number,
  tool: SandTool,
  sand: Sand,
  out: HeadRates,
): void {
  const { normals } = tool;
  const { sole, camber } = tool.club;
  const nx = normals.faceX - normals.faceZ * turned;
  const nz = normals.faceZ + normals.faceX * turned;
  const mx = normals.soleX - normals.soleZ * turned;
  const speed2 = u * u + v * v;
  const mu = sand.friction;

  const rise = edgeRise(sole, mx);
  const soleDepth = softPositive(depth + rise, 0.0012);
  const immersion = soleDepth / (soleDepth + 0.35 * sole * softPositive(mx, 0.05) + 0.0015);
  const cx = mx * (1 - camber * (1 - immersion));
  const cz = Math.sqrt(Math.max(0, 1 - cx * cx));
  const into = u * cx + v * cz;
  const pressing = softPositive(into, 0.5);
  const facing = into / Math.sqrt(into * into + 0.0144 * speed2);
  const stress =
    ((sand.strength * soleDepth) / (soleDepth + 0.003) + 0.7 * sand.stiffness * soleDepth) *
      softPositive(facing, 0.1) +
    sand.baseStiffness *
      softPositive(soleDepth - sand.baseDepth, 0.0006) *
      (0.15 + (0.85 * (1 + facing)) / 2) +
    sand.soleDrag * sand.density * pressing * pressing;
  const soleForce = stress * sole * SOLE_BLADE * immersion;
  let back = soleForce * (cx + mu * cz);
  let up = soleForce * (cz - mu * cx);

  const faceDepth = softPositive(depth, 0.0012);
  const intoFace = softPositive(u * nx - v * nz, 0.5);
  const facingFace = intoFace / Math.sqrt(intoFace * intoFace + 0.0144 * speed2);
  const faceForce =
    ((0.5 * ((sand.strength * faceDepth) / (faceDepth + 0.003) + (sand.stiffness * faceDepth) / 2) +
      (sand.baseStiffness * softPositive(faceDepth - sand.baseDepth, 0.001)) / 2) *
      facingFace *
      FACE_BLADE *
      faceDepth) /
    (nx + 0.12);
  back += faceForce * (nx + mu * nz);
  up -= faceForce * (nz - mu * nx);

  const sheet = faceDepth / (1 + faceDepth / SPILL_DEPTH);
  const flux = SHEET_DRAG * sand.faceDrag * sand.density * FACE_BLADE * sheet * u;
  const held = sand.faceShear;
  back += flux * u * (nx * nx + held * (1 - nx * nx));
  up -= 0.4 * flux * (1 - held) * u * nx * nz;

  const mass = tool.club.headMass + FOLLOWING_MASS;
  out.depth = v / u;
  out.forward = -back / (mass * u);
  out.down = (-up / mass - speed2 / ARC_RADIUS) / u;
  out.swept = softPositive(depth + rise / 2, 0.0008);
}

/** Scratch of {@link advance}: nothing here runs twice at once, and heads are many. */
const rate: HeadRates = { depth: 0, forward: 0, down: 0, swept: 0 };

/** Moves the head by `dx` metres in one midpoint step; false, and unmoved, once the sand has stopped it. */
export function advance(state: HeadState, dx: number, tool: SandTool, sand: Sand): boolean {
  const turned = state.path / TURN_LENGTH;
  rates(state.depth, state.forward, state.down, turned, tool, sand, rate);
  const half = dx / 2;
  const uMid = state.forward + rate.forward * half;
  if (uMid <= STALL_SPEED) return false;
  const vMid = clamp(state.down + rate.down * half, -0.7 * uMid, 0.7 * uMid);
  const dMid = Math.min(state.depth + rate.depth * half, DEEPEST);
  rates(dMid, uMid, vMid, turned + half / TURN_LENGTH, tool, sand, rate);
  const u = state.forward + rate.forward * dx;
  if (u <= STALL_SPEED) return false;
  state.forward = u;
  state.down = clamp(state.down + rate.down * dx, -0.7 * u, 0.7 * u);
  state.depth = Math.min(state.depth + rate.depth * dx, DEEPEST);
  state.swept += rate.swept * dx;
  state.path += dx;
  return true;
}

/** State of a head that follows `arc` with `speed` where it meets the sand, or at the ball if it never does. */
export function headAtMark(arc: SwingArc, speed: number): HeadState & { mark: number } {
  const reach = arc.depth > 0 ? Math.sqrt(2 * ARC_RADIUS * arc.depth) : 0;
  const mark = Math.min(0, arc.depth > 0 ? arc.lowPoint - reach : 0);
  const slope = (arc.lowPoint - mark) / ARC_RADIUS;
  const along = Math.sqrt(1 + slope * slope);
  const height = arc.depth - ((mark - arc.lowPoint) * (mark - arc.lowPoint)) / (2 * ARC_RADIUS);
  return {
    mark,
    depth: height,
    forward: speed / along,
    down: (speed * slope) / along,
    swept: 0,
    path: 0,
    stalled: false,
  };
}

/**
 * Takes the head from its mark through the sand to the ball.
 *
 * @param arc path of the sole, m
 * @param speed head speed at the mark, m/s, above 1
 * @param tool face and sole as delivered
 * @param sand the sand
 * @param steps from the mark to the ball
 * @returns the head at the ball; `path` 0 and nothing swept when the ball is met first
 */
export function passToBall(
  arc: SwingArc,
  speed: number,
  tool: SandTool,
  sand: Sand,
  steps = STEPS,
): HeadState {
  const state = headAtMark(arc, speed);
  const length = -state.mark;
  if (length <= 0) return state;
  const dx = length / steps;
  for (let i = 0; i < steps; i++) {
    if (!advance(state, dx, tool, sand)) {
      state.stalled = true;
      state.forward = 0;
      state.down = 0;
      return state;
    }
  }
  return state;
}
