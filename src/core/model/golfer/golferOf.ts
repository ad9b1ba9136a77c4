import { radians } from '@/core/ground/units/angle';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { Player } from '@/core/ground/player/player';
import { CARRY_POWER, type Golfer } from './golfer';
import { habitsOf } from './habits';
import { referenceHeadSpeed } from './headSpeed';

/**
 * A factor on distance as one on speed. Energy through this sand and the player's own speed cannot be told apart by where
 * balls land; both are this one factor.
 */
const speedFactor = (distance: number): number => distance ** (1 / CARRY_POWER);

/** A golfer with what was learnt: speed, habits and single clubs. */
export function withLearnt(golfer: Golfer, learnt: LearntFactors | undefined): Golfer {
  if (!learnt) return golfer;
  const { habits } = golfer;
  return {
    ...golfer,
    sandSpeed: (golfer.sandSpeed ?? 1) * speedFactor(learnt.distance),
    clubSpeed: Object.fromEntries(
      learnt.clubs.map(({ club, distance }) => [
        club,
        (golfer.clubSpeed?.[club] ?? 1) * speedFactor(distance),
      ]),
    ),
    startsOff: radians(learnt.aim_bias_deg),
    habits: {
      ...habits,
      mark: habits.mark * learnt.mark_scale,
      height: habits.height * learnt.mark_scale,
      speed: habits.speed * learnt.distance_scale,
      aim: habits.aim * learnt.aim_scale,
      bias: {
        ...habits.bias,
        mark: learnt.mark_bias_mm / 1000,
        aim: radians(learnt.aim_bias_deg),
      },
    },
  };
}

/** The golfer that skill, usual miss and bag say: head speed inferred from the bag, habits from the skill. */
export const plainGolferOf = (player: Player): Golfer => ({
  skill: player.skill,
  headSpeed: referenceHeadSpeed(player),
  habits: habitsOf(player),
});

/** The golfer of a player, with what was learnt from logged balls. */
export const golferOf = (player: Player): Golfer =>
  withLearnt(plainGolferOf(player), player.learnt);
