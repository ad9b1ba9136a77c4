import type { LearntFactors } from './learnt';
import type { Club } from '../club/club';

export const SKILLS = ['expert', 'good', 'middle', 'beginner'] as const;
export type Skill = (typeof SKILLS)[number];

export const HANDS = ['right', 'left'] as const;
export type Hand = (typeof HANDS)[number];

/**
 * A distance or an angle to the player's side as one to the right of the line, or the other way about: a right-hander's own
 * side is the left.
 *
 * @example
 * acrossFor(2, 'right'); // => -2
 * acrossFor(2, 'left'); // => 2
 */
export const acrossFor = (value: number, handed: Hand): number =>
  handed === 'right' ? -value : value;

/** Where a player misses: sides are the player's own, so that hands need no mirror here. */
export const USUAL_MISSES = ['heavy', 'thin', 'lead-side', 'trail-side'] as const;
export type UsualMiss = (typeof USUAL_MISSES)[number];

/** Parts of the body that a coach must spare. */
export const BODY_CAUTIONS = ['wrist', 'elbow', 'back', 'shoulder'] as const;
export type BodyCaution = (typeof BODY_CAUTIONS)[number];

/** How far a player has a technique that has to be practised before it is played. */
export const MASTERIES = ['not-yet', 'learning', 'knows'] as const;
export type Mastery = (typeof MASTERIES)[number];

/** How far a player has each such technique, by its id; not yet where nobody says. */
export type Techniques = Readonly<Partial<Record<string, Mastery>>>;

export interface Player {
  handed: Hand;
  skill: Skill;
  bag: Club[];
  /** Name of the club of the bag that the player trusts from sand. */
  trusted?: string;
  usualMiss?: UsualMiss;
  cautions?: readonly BodyCaution[];
  techniques?: Techniques;
  /** What was learnt from this player's balls. */
  learnt?: LearntFactors;
}

/**
 * Share of its own loft by which the shaft leans to the target in a clean strike from grass: better players
 * deliver less loft. Tuned to the spread of dynamic loft that coaches see between skills.
 */
export const CLEAN_LEAN_SHARE: Record<Skill, number> = {
  expert: 0.2,
  good: 0.19,
  middle: 0.18,
  beginner: 0.14,
};
