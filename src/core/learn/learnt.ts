import type { Golfer } from '../shot/play';

/**
 * What was learnt of a player, as factors on what the skill says: the form in which it is stored and travels with a
 * situation. All nought and one means nothing.
 */
export interface LearntFactors {
  /** Which learning this is: every call sheet remembers it. */
  version: number;
  /** Balls that it was learnt from. */
  balls: number;
  /** Mark further back than meant, mm; and its spread over the skill's. */
  mark_bias_mm: number;
  mark_scale: number;
  /** Factor on the distance that the model gives, and spread of distance over the skill's. */
  distance: number;
  distance_scale: number;
  /** Balls off the line to the player's side, degrees, and their spread over the skill's. */
  aim_bias_deg: number;
  aim_scale: number;
  /** Further factor on distance for single clubs. */
  clubs: { club: string; distance: number }[];
}

/** Least and greatest of what is believed of anybody; what is learnt stays within. */
export const LEARNT_LIMITS = {
  mark_bias_mm: [-150, 150],
  distance: [0.2, 5],
  aim_bias_deg: [-45, 45],
  scale: [0.1, 10],
} as const;

/**
 * Distance grows with head speed to about this power in sand: a factor on distance as one on speed. Energy through this sand
 * and the player's own speed cannot be told apart by where balls land; both are this one factor.
 */
const DISTANCE_POWER = 1.75;

const speedFactor = (distance: number): number => distance ** (1 / DISTANCE_POWER);

/** A golfer with what was learnt: speed, habits and single clubs. */
export function withLearnt(golfer: Golfer, learnt: LearntFactors | undefined): Golfer {
  if (!learnt) return golfer;
  const { habits } = golfer;
  return {
    ...golfer,
    sandSpeed: speedFactor(learnt.distance),
    clubSpeed: Object.fromEntries(
      learnt.clubs.map(({ club, distance }) => [club, speedFactor(distance)]),
    ),
    habits: {
      ...habits,
      mark: habits.mark * learnt.mark_scale,
      height: habits.height * learnt.mark_scale,
      speed: habits.speed * learnt.distance_scale,
      aim: habits.aim * learnt.aim_scale,
      bias: {
        ...habits.bias,
        mark: learnt.mark_bias_mm / 1000,
        aim: (learnt.aim_bias_deg * Math.PI) / 180,
      },
    },
  };
}
