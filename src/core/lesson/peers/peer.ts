import type { LearntFactors } from '@/core/ground/player/learnt';
import type { Sampler } from '@/core/ground/numeric/sampling';
import { degrees } from '@/core/ground/units/angle';
import type { Habits } from '@/core/model/golfer/habits';

/** How a player differs from what the skill says. */
export type Difference = Omit<LearntFactors, 'version' | 'balls'>;

/**
 * How far players of one skill lie apart, as standard deviations: mark, m; logarithm of distance; direction, radians; logarithm of the
 * spreads; logarithm of the distance of single clubs. Tuned to what coaches say of players of one handicap.
 */
export const APART = {
  mark: 0.012,
  distance: 0.15,
  direction: 0.05,
  spread: 0.25,
  club: 0.05,
} as const;

/**
 * A player of a skill, drawn at random.
 *
 * @param apart how far, of how far players of one skill lie apart: less where the player is known
 */
export function drawPeer(
  { bias }: Pick<Habits, 'bias'>,
  clubs: readonly string[],
  sampler: Sampler,
  apart = 1,
): Difference {
  const normal = (middle: number, deviation: number): number =>
    sampler.normal(middle, deviation * apart);
  return {
    mark_bias_mm: normal(bias.mark, APART.mark) * 1000,
    mark_scale: Math.exp(normal(0, APART.spread)),
    distance: Math.exp(normal(0, APART.distance)),
    distance_scale: Math.exp(normal(0, APART.spread)),
    aim_bias_deg: degrees(normal(bias.aim, APART.direction)),
    aim_scale: Math.exp(normal(0, APART.spread)),
    clubs: clubs.map((club) => ({ club, distance: Math.exp(normal(0, APART.club)) })),
  };
}

/** Where the clubs begin in {@link numbersOf}. */
export const CLUBS_FROM = 6;

/** A difference as numbers that lie evenly to both sides: factors as logarithms; clubs last. */
export const numbersOf = (difference: Difference): number[] => [
  difference.mark_bias_mm,
  Math.log(difference.mark_scale),
  Math.log(difference.distance),
  Math.log(difference.distance_scale),
  difference.aim_bias_deg,
  Math.log(difference.aim_scale),
  ...difference.clubs.map(({ distance }) => Math.log(distance)),
];

/** {@link numbersOf} backwards. */
export function differenceOf(numbers: readonly number[], clubs: readonly string[]): Difference {
  const [mark, markScale, distance, distanceScale, aim, aimScale, ...own] = numbers;
  return {
    mark_bias_mm: mark!,
    mark_scale: Math.exp(markScale!),
    distance: Math.exp(distance!),
    distance_scale: Math.exp(distanceScale!),
    aim_bias_deg: aim!,
    aim_scale: Math.exp(aimScale!),
    clubs: clubs.map((club, i) => ({ club, distance: Math.exp(own[i]!) })),
  };
}
