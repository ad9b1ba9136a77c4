import type { Player, Skill } from '@/core/ground/player/player';
import { radians } from '@/core/ground/units/angle';

/** Standard deviations of a player's swings, how heavy their tails are, and where they miss on average. */
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
  /** Mean errors: mark further back and arc deeper, m; aim to the player's side, radians. */
  bias: { mark: number; height: number; aim: number };
}

const NO_BIAS = { mark: 0, height: 0, aim: 0 };

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
    bias: NO_BIAS,
  },
  good: {
    mark: 0.011,
    height: 0.002,
    attack: radians(1.3),
    speed: 0.095,
    quit: 0.01,
    face: radians(3),
    aim: radians(3.5),
    tail: 0.02,
    bias: NO_BIAS,
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
    bias: NO_BIAS,
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
    bias: NO_BIAS,
  },
};

/** Habits of a player: those of the skill, with the usual miss as a mean error of half a deviation. */
export function habitsOf(player: Pick<Player, 'skill' | 'usualMiss'>): Habits {
  const habits = HABITS[player.skill];
  const bias = { ...NO_BIAS };
  switch (player.usualMiss) {
    case 'heavy':
      bias.mark = 0.5 * habits.mark;
      bias.height = 0.3 * habits.height;
      break;
    case 'thin':
      bias.mark = -0.4 * habits.mark;
      bias.height = -0.5 * habits.height;
      break;
    case 'lead-side':
      bias.aim = 0.5 * habits.aim;
      break;
    case 'trail-side':
      bias.aim = -0.5 * habits.aim;
      break;
    case undefined:
  }
  return { ...habits, bias };
}
