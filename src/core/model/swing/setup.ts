import type { Club } from '@/core/ground/club/club';
import type { Hold } from '@/core/ground/club/geometry';
import { clamp } from '@/core/ground/numeric/soft';
import type { Bed } from '@/core/ground/sand/bed';
import { ARC_RADIUS, flooredAttack, visibleEdge } from '@/core/ground/arc/arc';
import { TECHNIQUE, ballPositionFor, lowPointAheadOfBall, type TechniqueName } from './technique';

/** Everything a player sets before the swing, and how long the swing is. SI units, angles in radians. */
export interface Setup {
  club: Club;
  technique: TechniqueName;
  /** Open +, closed -. */
  opening: number;
  /** How much the hands turn the face by impact: held open +, turned over -. */
  release: number;
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
  /** Share of a slope along the line that the body takes up: near 1 with the slope, near 0 into it. */
  bodyWithSlope: number;
  /** Mark behind the visible back edge of the ball, m; ball first is negative. */
  entry: number;
  /** Share of the player's full head speed with this club, 0 to 1. */
  fraction: number;
}

/** How the head comes to the sand. */
export interface Delivery {
  /** From the mark to the ball's lowest point, m. */
  path: number;
  /** Attack below the surface's level at the mark, radians. */
  attack: number;
  /** Error of height in the arc, m, deeper positive: feet settled more or less than the arc allows for. */
  lift: number;
}

/** Share of a slope that the body does not follow: it adds to lean and attack, seen from the slope. */
const unfollowed = (setup: Setup, bed: Bed): number => (1 - setup.bodyWithSlope) * bed.along;

/** Share of the weight that gravity moves down the slope, for a body that goes with it. Tuned. */
const WEIGHT_PER_SLOPE = 0.7;

/** Weight on the lead foot that the slope itself takes off (up-slope) or adds (down-slope). */
export const slopeWeight = (bodyWithSlope: number, bed: Bed): number =>
  -WEIGHT_PER_SLOPE * Math.sin(bed.along) * bodyWithSlope;

/** How the club is held as the head meets the sand, seen from the slope. */
export const holdOf = (setup: Setup, bed: Bed): Hold => ({
  opening: setup.opening + setup.release,
  handleLowered: setup.handleLowered,
  shaftLean: setup.shaftLean + unfollowed(setup, bed),
});

/**
 * From set-up to delivery. The low point follows from ball position, stance and weight; hitting the mark from
 * there fixes the attack, atan((low point + path) / arc radius): a ball too far back is a steep and deep one. Weight that
 * a slope moves by itself does not move the low point.
 */
export function deliveryOf(setup: Setup, bed: Bed): Delivery {
  const technique = TECHNIQUE[setup.technique];
  const path = setup.entry + visibleEdge(bed.burial);
  const lowPoint = lowPointAheadOfBall(
    technique,
    setup.ballPosition,
    setup.stanceWidth,
    setup.weightLead - slopeWeight(setup.bodyWithSlope, bed),
  );
  const level = Math.atan((lowPoint + path) / ARC_RADIUS);
  return {
    path,
    attack: flooredAttack(level + unfollowed(setup, bed)),
    lift: setup.dig - technique.dig,
  };
}

/** Share of a down-slope by which a swing is made steeper, for the hill behind the ball. Tuned to ball positions that are taught. */
const OVER_THE_HILL = 0.55;

/** How much steeper than a splash a technique is by itself, radians: so much of the hill it clears anyway. */
const alreadySteep = (technique: TechniqueName): number =>
  Math.max(0, TECHNIQUE[technique].attack - TECHNIQUE.splash.attack);

/** Share of an up-slope that a body takes up which leans into the hill as far as anybody does. */
const INTO_THE_HILL = 0.25;

/**
 * Attack below a level surface that a technique is swung with. On a down-slope it is steeper by what clears the hill behind the
 * ball, and by the part of the slope that the body does not follow. On an up-slope a body that leans into the hill drives the head
 * into it: only a body that goes along with the slope makes up for what it does not follow.
 */
const attackIn = (setup: Setup, bed: Bed): number => {
  const { attack } = TECHNIQUE[setup.technique];
  const leaning = 1.5 * Math.max(0, setup.bodyWithSlope - INTO_THE_HILL);
  const madeUp = bed.along > 0 ? Math.min(setup.bodyWithSlope, leaning) : 1;
  const over = Math.max(0, OVER_THE_HILL * Math.max(0, -bed.along) - alreadySteep(setup.technique));
  return attack + over - madeUp * unfollowed(setup, bed);
};

/**
 * Ball position that makes the head come to this mark at the attack of the technique: well back where the ground falls away, where
 * it is on the level where the ground rises.
 */
export function ballPositionForEntry(setup: Setup, bed: Bed): number {
  const technique = TECHNIQUE[setup.technique];
  const path = setup.entry + visibleEdge(bed.burial);
  const lowPoint = ARC_RADIUS * Math.tan(attackIn(setup, bed)) - path;
  const pressed = setup.weightLead - slopeWeight(setup.bodyWithSlope, bed);
  return ballPositionFor(technique, lowPoint, setup.stanceWidth, pressed);
}

/** Furthest back and forward that anybody plays a ball: a hand inside the trail heel, a little past the lead heel. */
const FURTHEST_BACK = 28;
const FURTHEST_FORWARD = 110;

/** {@link ballPositionForEntry} kept to where a ball can be played from. */
export const playableBallPosition = (setup: Setup, bed: Bed): number =>
  clamp(ballPositionForEntry(setup, bed), FURTHEST_BACK, FURTHEST_FORWARD);
