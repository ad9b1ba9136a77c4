import { samplerOf } from '@/core/ground/numeric/sampling';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { Skill } from '@/core/ground/player/player';
import { degrees } from '@/core/ground/units/angle';
import { plainGolferOf, withLearnt } from '@/core/model/golfer/golferOf';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Habits } from '@/core/model/golfer/habits';
import { aimFor } from '@/core/model/shot/play';
import type { Hit } from '@/core/model/shot/hit';
import { seenBall } from '@/core/model/shot/seen';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import type { Change } from '@/core/lesson/peers/meant';
import type { LoggedBall } from '@/core/lesson/peers/recorded';
import { aPlayer, aShot, aSplash, CLUB_52, CLUB_56 } from './fixtures';

/* Players and records to judge learning by, made otherwise than learning makes its own: other tails, other slips. */

/** What is known of a player, as it is to be found again. */
export interface Known {
  mark: number;
  markScale: number;
  distance: number;
  distanceScale: number;
  aim: number;
  aimScale: number;
}

/** A player exactly as the skill says. */
export const AS_THE_SKILL: Known = {
  mark: 0,
  markScale: 1,
  distance: 0,
  distanceScale: 1,
  aim: 0,
  aimScale: 1,
};

/** A player as wide of the skill as players of one skill are. */
export function knownPlayer(seed: number): Known {
  const { normal } = samplerOf(seed);
  return {
    mark: normal(0, 0.012),
    markScale: Math.exp(normal(0, 0.25)),
    distance: normal(0, 0.15),
    distanceScale: Math.exp(normal(0, 0.25)),
    aim: normal(0, 0.05),
    aimScale: Math.exp(normal(0, 0.25)),
  };
}

/** What is known of a player, as if balls had taught it. */
export const learntOf = (known: Known): LearntFactors => ({
  version: 1,
  balls: 0,
  mark_bias_mm: known.mark * 1000,
  mark_scale: known.markScale,
  distance: Math.exp(known.distance),
  distance_scale: known.distanceScale,
  aim_bias_deg: degrees(known.aim),
  aim_scale: known.aimScale,
  clubs: [],
});

/** The golfer that a known player is. */
export const golferWith = (golfer: Golfer, known: Known): Golfer =>
  withLearnt(golfer, learntOf(known));

export const skilled = (skill: Skill): Golfer => plainGolferOf(aPlayer(skill));

/** Two calls of a lesson: a plain splash with a 56, and a 52 at the same flag. */
export function twoHits(golfer: Golfer): Hit[] {
  const shot = aShot(15, 1.5);
  return [aSplash(CLUB_56, 20, 0.04, 0.72), aSplash(CLUB_52, 15, 0.04, 0.6)].map((setup) => ({
    setup,
    aim: aimFor(setup, golfer, shot),
    shot,
  }));
}

/** Blemishes of records. */
export interface Blemishes {
  /** Share of numbers that are another ball's or a slip. */
  wild: number;
  /** Share of balls without a mark, and without a side. */
  unmarked: number;
  noSide: number;
}

export const CLEAN: Blemishes = { wild: 0, unmarked: 0, noSide: 0 };
export const AS_USUAL: Blemishes = { wild: 0.05, unmarked: 0.5, noSide: 0.25 };

const QUARTER_INCH = 0.00635;
const YARD = 0.9144;

/** Errors of Student's t with eight degrees of freedom, of the standard deviation that the habits give normal ones. */
export function swingMade(
  { mark, height, attack, speed, face, aim, tail, quit, bias }: Habits,
  seed: number,
): SwingError {
  const { student } = samplerOf(seed);
  const t = (): number => student(8);
  // A deviate z (1 + tail z^2) has the variance 1 + 6 tail + 15 tail^2.
  const wide = Math.sqrt(1 + 6 * tail + 15 * tail * tail);
  const fast = t();
  return {
    mark: bias.mark + mark * wide * t(),
    height: bias.height + height * wide * t(),
    attack: attack * t(),
    speed: Math.max(0.25, 1 + speed * fast - quit * Math.max(0, -fast - 0.8) ** 2),
    face: face * t(),
    aim: bias.aim + aim * t(),
  };
}

/** Balls of a player, the calls in turn, as they were written down. */
export function loggedBy(
  player: Golfer,
  hits: readonly Hit[],
  count: number,
  seed: number,
  { wild, unmarked, noSide }: Blemishes,
  change: Change = (swing) => swing,
): LoggedBall[] {
  const { uniform } = samplerOf(seed);
  return Array.from({ length: count }, (_, i) => {
    const { setup, aim, shot } = hits[i % hits.length]!;
    const swing = swingMade(player.habits, seed * 1000 + i);
    const made = change(madeWith(swing, footingOf(setup, shot), { ...AS_MEANT }));
    const seen = seenBall(setup, aim, player, shot, made);
    const to = (value: number, step: number): number => Math.round(value / step) * step;
    const ball: LoggedBall = {
      setup,
      aim,
      shot,
      strike: seen.lip ? 'lip' : seen.thin ? 'thin' : 'good',
    };
    if (uniform() >= unmarked)
      ball.entry = to(uniform() < wild ? seen.entry * 2.54 : seen.entry, QUARTER_INCH);
    const carry = uniform() < wild ? 2 + 30 * uniform() : seen.carry;
    ball.carry = to(carry, YARD);
    ball.x = to(seen.x, YARD);
    if (uniform() >= noSide) ball.y = to(uniform() < wild ? -seen.y : seen.y, YARD);
    return ball;
  });
}
