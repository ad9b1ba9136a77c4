import type { Club } from '@/core/ground/club/club';
import type { HeadNormals } from '@/core/ground/club/geometry';
import { soleShape, type SoleShape } from '@/core/ground/club/sole';
import type { Count } from '@/core/ground/numeric/count';
import { softPositive } from '@/core/ground/numeric/soft';
import { ARC_RADIUS, type SwingArc } from '@/core/ground/arc/arc';
import type { Sand } from '@/core/ground/sand/presets';
import type { Load } from './bearing';
import { faceLoad } from './face';
import { soleLoad, type SoleLoad } from './sole';

/** Mass of shaft and hands that follows the head through the sand, kg. Tuned. */
const FOLLOWING_MASS = 0.04;

/** Metres of travel in which the head turns by one radian as it follows the arc. */
const TURN_LENGTH = 1;

/**
 * Steps from the mark to the ball, and those of a way that is in doubt after them. They grow from the mark on, where the sand
 * begins to bear and the rates change fastest: step i ends at (i / steps)^1.5 of the way.
 */
export const STEPS: Count = 4;
export const MANY_STEPS: Count = 12;
const GRADING = 1.5;

/** Doubt about the depth, m, from which a head {@link isDoubtful}. */
export const DOUBTFUL = 0.0008;

/** Metres by which a doubt about the speeds, as a share of the speed, moves the depth at the ball: what is left of a usual way. */
const DOUBT_REACH = 0.03;

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
  /** Where it meets the sand, m from the ball's lowest point, negative before it; 0 when the ball is met first. */
  mark: number;
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
  /** How far {@link advance} may have put the head wrong, m of depth. */
  doubt: number;
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
const first: HeadRates = { depth: 0, forward: 0, down: 0, swept: 0 };
const second: HeadRates = { depth: 0, forward: 0, down: 0, swept: 0 };
const third: HeadRates = { depth: 0, forward: 0, down: 0, swept: 0 };

/** Sand gives nothing to a head: a step that is long for the sand it is in must not either. */
const slowed = (forward: number, rate: number, dx: number): number =>
  Math.min(forward, forward + rate * dx);

/** A head goes down or up by no more than this share of its forward speed. */
const STEEPEST = 0.7;

/** Downward speed kept to what a head that is this fast forward can have. */
const kept = (down: number, forward: number): number =>
  Math.max(-STEEPEST * forward, Math.min(STEEPEST * forward, down));

/**
 * Moves the head by `dx` metres: one step of the third-order method of P. Bogacki and L. F. Shampine ("A 3(2) pair of
 * Runge-Kutta formulas", Applied Mathematics Letters 2, 1989), slopes at 0, 1/2 and 3/4 of the step weighted 2/9, 3/9, 4/9. What the midpoint rule
 * makes of the same slopes, less by an order, is the measure of its doubt.
 *
 * @returns false, with the head unmoved, once the sand has stopped it
 */
export function advance(state: HeadState, dx: number, tool: SandTool, sand: Sand): boolean {
  const { depth, forward, down, path } = state;
  rates(depth, forward, down, path / TURN_LENGTH, tool, sand, first);
  const half = dx / 2;
  const uHalf = slowed(forward, first.forward, half);
  const u2 = Math.max(uHalf, STALL_SPEED);
  const v2 = kept(down + first.down * half, u2);
  const d2 = Math.min(depth + first.depth * half, DEEPEST);
  rates(d2, u2, v2, (path + half) / TURN_LENGTH, tool, sand, second);
  const late = 0.75 * dx;
  const uLate = slowed(forward, second.forward, late);
  const u3 = Math.max(uLate, STALL_SPEED);
  const v3 = kept(down + second.down * late, u3);
  const d3 = Math.min(depth + second.depth * late, DEEPEST);
  rates(d3, u3, v3, (path + late) / TURN_LENGTH, tool, sand, third);
  const ninth = dx / 9;
  const u = slowed(forward, 2 * first.forward + 3 * second.forward + 4 * third.forward, ninth);
  const moves = uHalf > STALL_SPEED && uLate > STALL_SPEED && u > STALL_SPEED;
  if (moves) {
    state.forward = u;
    state.down = kept(down + ninth * (2 * first.down + 3 * second.down + 4 * third.down), u);
    state.depth = Math.min(
      depth + ninth * (2 * first.depth + 3 * second.depth + 4 * third.depth),
      DEEPEST,
    );
    state.swept += ninth * (2 * first.swept + 3 * second.swept + 4 * third.swept);
    state.path = path + dx;
    const less = (2 / 9) * dx;
    const dDepth = less * (first.depth - 3 * second.depth + 2 * third.depth);
    const dForward = less * (first.forward - 3 * second.forward + 2 * third.forward);
    const dDown = less * (first.down - 3 * second.down + 2 * third.down);
    state.doubt +=
      Math.abs(dDepth) + (DOUBT_REACH * (Math.abs(dForward) + Math.abs(dDown))) / forward;
  }
  return moves;
}

/** State of a head that follows `arc` with `speed` where it meets the sand, or at the ball if it never does. */
export function headAtMark(arc: SwingArc, speed: number): HeadState {
  const inSand = arc.depth > 0;
  const mark = inSand ? Math.min(0, arc.lowPoint - Math.sqrt(2 * ARC_RADIUS * arc.depth)) : 0;
  const slope = (arc.lowPoint - mark) / ARC_RADIUS;
  const along = Math.sqrt(1 + slope * slope);
  return {
    mark,
    depth: arc.depth - ((mark - arc.lowPoint) * (mark - arc.lowPoint)) / (2 * ARC_RADIUS),
    forward: speed / along,
    down: (speed * slope) / along,
    swept: 0,
    path: 0,
    stalled: false,
    doubt: 0,
  };
}

/**
 * Takes the head from its mark through the sand to the ball.
 *
 * @param arc path of the sole, m
 * @param speed head speed at the mark, m/s, above 1
 * @param tool face and sole as delivered
 * @param sand the sand
 * @param steps from the mark to the ball: {@link STEPS}, or {@link MANY_STEPS} where those leave a head {@link isDoubtful}
 * @returns the head at the ball; `path` 0 and nothing swept when the ball is met first, no speed where the sand stopped it
 */
export function passToBall(
  arc: SwingArc,
  speed: number,
  tool: SandTool,
  sand: Sand,
  steps: Count,
): HeadState {
  const state = headAtMark(arc, speed);
  const length = -state.mark;
  let moving = length > 0;
  let gone = 0;
  for (let i = 1; i <= steps && moving; i++) {
    const share = (i / steps) ** GRADING;
    moving = advance(state, length * (share - gone), tool, sand);
    gone = share;
  }
  if (length > 0 && !moving) {
    state.stalled = true;
    state.forward = 0;
    state.down = 0;
  }
  return state;
}

/** Whether few steps may have put a head so wrong that it must go in many: one human swing in nine. */
export const isDoubtful = ({ doubt }: HeadState): boolean => doubt > DOUBTFUL;
