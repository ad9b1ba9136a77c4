import type { Club } from '@/core/ground/club/club';
import type { HeadNormals } from '@/core/ground/club/geometry';
import { soleShape, type SoleShape } from '@/core/ground/club/sole';
import { clamp, softPositive } from '@/core/ground/numeric/soft';
import { ARC_RADIUS, type SwingArc } from '@/core/ground/arc/arc';
import type { Sand } from '@/core/ground/sand/presets';
import type { Load } from './bearing';
import { faceLoad } from './face';
import { soleLoad, type SoleLoad } from './sole';

/** Mass of shaft and hands that follows the head through the sand, kg. Tuned. */
const FOLLOWING_MASS = 0.04;

/** Metres of travel in which the head turns by one radian as it follows the arc. */
const TURN_LENGTH = 1;

/** Fixed number of midpoint steps from the mark to the ball: a count that varied with length would make jumps. */
const STEPS = 8;

const STALL_SPEED = 1;
const DEEPEST = 0.08;

/** The club as the sand meets it. */
export interface SandTool {
  normals: HeadNormals;
  /** The club's sole, m wide, how round it is, and its head's mass, kg. */
  club: Pick<Club, 'sole' | 'camber' | 'headMass'>;
  shape: SoleShape;
}

/** A club as the sand meets it, held so. The shape of its sole may be handed over by whoever swings it often. */
export const sandTool = (
  normals: HeadNormals,
  club: SandTool['club'],
  shape: SoleShape = soleShape(club),
): SandTool => ({ normals, club, shape });

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

/** Rates of change of a {@link HeadState} with the distance travelled. */
export interface HeadRates {
  depth: number;
  forward: number;
  down: number;
  swept: number;
}

/** Scratch of {@link rates}: nothing here runs twice at once, and heads are many. */
const onSole: SoleLoad = { back: 0, up: 0, rise: 0 };
const onFace: Load = { back: 0, up: 0 };

/**
 * Derivatives of depth, speeds and swept area with the distance travelled: the loads on sole and face against the mass
 * that drives the head, and the pull of the arc.
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
  const { normals, club, shape } = tool;
  const faceX = normals.faceX - normals.faceZ * turned;
  const faceZ = normals.faceZ + normals.faceX * turned;
  const soleX = normals.soleX - normals.soleZ * turned;
  soleLoad(depth, u, v, soleX, shape, sand, onSole);
  faceLoad(depth, u, v, faceX, faceZ, sand, onFace);
  const mass = club.headMass + FOLLOWING_MASS;
  out.depth = v / u;
  out.forward = -(onSole.back + onFace.back) / (mass * u);
  out.down = (-(onSole.up + onFace.up) / mass - (u * u + v * v) / ARC_RADIUS) / u;
  out.swept = softPositive(depth + onSole.rise / 2, 0.0008);
}

/** Scratch of {@link advance}: nothing here runs twice at once, and heads are many. */
const rate: HeadRates = { depth: 0, forward: 0, down: 0, swept: 0 };

/** Moves the head by `dx` metres in one midpoint step; false, and unmoved, once the sand has stopped it. */
export function advance(state: HeadState, dx: number, tool: SandTool, sand: Sand): boolean {
  const turned = state.path / TURN_LENGTH;
  rates(state.depth, state.forward, state.down, turned, tool, sand, rate);
  const half = dx / 2;
  const uMid = Math.min(state.forward, state.forward + rate.forward * half);
  if (uMid <= STALL_SPEED) return false;
  const vMid = clamp(state.down + rate.down * half, -0.7 * uMid, 0.7 * uMid);
  const dMid = Math.min(state.depth + rate.depth * half, DEEPEST);
  rates(dMid, uMid, vMid, turned + half / TURN_LENGTH, tool, sand, rate);
  // Sand gives nothing to a head: a step that is long for the sand it is in must not either.
  const u = Math.min(state.forward, state.forward + rate.forward * dx);
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
