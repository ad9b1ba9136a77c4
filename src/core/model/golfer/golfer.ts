import type { Skill } from '@/core/ground/player/player';
import type { Habits } from './habits';

/** A golfer in this model: what the swing can do and how it strays. */
export interface Golfer {
  skill: Skill;
  /** Full head speed at the reference length, m/s. */
  headSpeed: number;
  /** Factors on it through sand, learnt: for all clubs, and for single ones by name. Swings off grass have none. */
  sandSpeed?: number;
  clubSpeed?: Readonly<Record<string, number>>;
  /** Where balls start off the line that the feet aim on, learnt: radians to the player's side. Calls aim it off. */
  startsOff?: number;
  habits: Habits;
}

/** Full head speed that counts in sand with a club, at the reference length, m/s. */
export const speedWith = (golfer: Golfer, club: { name: string }): number =>
  golfer.headSpeed * (golfer.sandSpeed ?? 1) * (golfer.clubSpeed?.[club.name] ?? 1);

/**
 * Carry through sand grows with head speed to about this power: measured on the model's own splashes, 1.73 to 1.79 from half
 * to full swings of a 52 to a 60.
 */
export const CARRY_POWER = 1.75;
