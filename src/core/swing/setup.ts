import type { Club } from '../club/club';
import type { Hold } from '../club/geometry';
import { ARC_RADIUS, arcThrough, flooredAttack, visibleEdge } from './arc';
import { TECHNIQUE, ballPositionFor, lowPointAheadOfBall, type TechniqueName } from './technique';

/** Everything a player sets before the swing, and how long the swing is. SI units, angles in radians. */
export interface Setup {
  club: Club;
  technique: TechniqueName;
  /** Open +, closed -. */
  opening: number;
  /** 0 trail heel to 100 lead heel. */
  ballPosition: number;
  /** In shoulder widths. */
  stanceWidth: number;
  stanceOpen: number;
  /** Depth that the feet are settled into the sand, m. */
  dig: number;
  gripDown: number;
  handleLowered: number;
  shaftLean: number;
  /** Share of the weight on the lead foot, 0 to 1. */
  weightLead: number;
  /** Mark behind the visible back edge of the ball, m. */
  entry: number;
  /** Share of the player's full head speed with this club, 0 to 1. */
  fraction: number;
}

/** How the head comes to the sand. */
export interface Delivery {
  /** From the mark to the ball's lowest point, m. */
  path: number;
  /** Attack below level at the mark, radians. */
  attack: number;
  /** Error of height in the arc, m, deeper positive: feet settled more or less than the arc allows for. */
  lift: number;
}

export const holdOf = (setup: Setup): Hold => ({
  opening: setup.opening,
  handleLowered: setup.handleLowered,
  shaftLean: setup.shaftLean,
});

/**
 * From set-up to delivery. The low point follows from ball position, stance and weight; hitting the mark from
 * there fixes the attack, atan((low point + path) / arc radius): a ball too far back is a steep and deep one.
 *
 * @param setup the set-up
 * @param burial depth of the ball's lowest point below the sand, m
 */
export function deliveryOf(setup: Setup, burial: number): Delivery {
  const technique = TECHNIQUE[setup.technique];
  const path = setup.entry + visibleEdge(burial);
  const lowPoint = lowPointAheadOfBall(
    technique,
    setup.ballPosition,
    setup.stanceWidth,
    setup.weightLead,
  );
  return {
    path,
    attack: flooredAttack(Math.atan((lowPoint + path) / ARC_RADIUS)),
    lift: setup.dig - technique.dig,
  };
}

/** Ball position that makes a technique's usual attack enter at this mark. */
export function ballPositionForEntry(
  setup: Pick<Setup, 'technique' | 'stanceWidth' | 'weightLead' | 'entry'>,
  burial: number,
): number {
  const technique = TECHNIQUE[setup.technique];
  const path = setup.entry + visibleEdge(burial);
  const arc = arcThrough(path, technique.attack);
  return ballPositionFor(technique, arc.lowPoint, setup.stanceWidth, setup.weightLead);
}
