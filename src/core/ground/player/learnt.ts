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
