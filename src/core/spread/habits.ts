import type { Skill } from '../player/player';
import { radians } from '../units/angle';

/** Standard deviations of a player's swings, and how heavy their tails are. */
export interface Habits {
  /** Of the mark in the sand, m. */
  mark: number;
  /** Of the height of the arc, m. */
  height: number;
  /** Of the attack, the face and the aim, radians. */
  attack: number;
  face: number;
  aim: number;
  /** Of head speed, as a share. */
  speed: number;
  /** Speed lost to quitting on the shot, per squared deviation beyond 0.8 on the slow side. */
  quit: number;
  /** Tail weight: a deviate z becomes z (1 + tail z^2). */
  tail: number;
}

/**
 * Spread by skill, tuned: through the model's best call these give strokes to hole out near the published
 * averages for the expert (M. Broadie, Interfaces 42, 2012, and the tables in his book of 2014: 2.43 strokes
 * from 10 yd of sand, 2.53 from 20, 2.66 from 30), about 3.1 from 20 yd for a middle player and near 4 for a
 * beginner.
 */
export const HABITS: Record<Skill, Habits> = {
  expert: {
    mark: 0.009,
    height: 0.0016,
    attack: radians(1),
    speed: 0.085,
    quit: 0,
    face: radians(2.4),
    aim: radians(3.4),
    tail: 0.015,
  },
  good: {
    mark: 0.011,
    height: 0.002,
    attack: radians(1.3),
    speed: 0.075,
    quit: 0.01,
    face: radians(3),
    aim: radians(2.8),
    tail: 0.02,
  },
  middle: {
    mark: 0.0185,
    height: 0.0036,
    attack: radians(2),
    speed: 0.115,
    quit: 0.02,
    face: radians(4.5),
    aim: radians(3.8),
    tail: 0.035,
  },
  beginner: {
    mark: 0.029,
    height: 0.0062,
    attack: radians(3.1),
    speed: 0.17,
    quit: 0.04,
    face: radians(7),
    aim: radians(5.4),
    tail: 0.05,
  },
};
