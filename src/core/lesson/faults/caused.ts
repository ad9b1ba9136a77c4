import type { Hit } from '@/core/model/shot/hit';
import { seenBall, depthOf } from '@/core/model/shot/seen';
import type { Sampler } from '@/core/ground/numeric/sampling';
import type { Golfer } from '@/core/model/golfer/golfer';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import type { Cause } from './causes';
import { foundOf, type FoundBall } from './features';

/** How far a cause's strength varies about its usual one. */
const STRENGTHS = [0.6, 1.4] as const;

/** One swing under a cause of some strength. */
export function causedSwing(
  swing: SwingError,
  cause: Cause,
  strength: number,
  bias: { mark: number; height: number },
): SwingError {
  const { shift, wider = {} } = cause.effect;
  const widen = (factor = 1): number => 1 + (factor - 1) * strength;
  const by = (value = 0): number => value * strength;
  return {
    mark: bias.mark + (swing.mark - bias.mark) * widen(wider.mark) + by(shift.mark),
    height: bias.height + (swing.height - bias.height) * widen(wider.height) + by(shift.height),
    attack: swing.attack + by(shift.attack),
    speed: (1 + (swing.speed - 1) * widen(wider.speed)) * (1 + ((shift.speed ?? 1) - 1) * strength),
    face: swing.face + by(shift.face),
    aim: swing.aim + by(shift.aim),
  };
}

/** Calls with what the ball as meant carries at each; worked out once for many sets of balls. */
export type MeantHit = Hit & { carry: number };

export const meantHits = (hits: readonly Hit[], golfer: Golfer): MeantHit[] =>
  hits.map((hit) => {
    const { setup, aim, shot } = hit;
    return { ...hit, carry: seenBall(setup, aim, golfer, shot, AS_MEANT).carry };
  });

/** How a set of balls is simulated. */
export interface Simulated {
  golfer: Golfer;
  swings: readonly SwingError[];
  /** How many balls. */
  count: number;
  /** Whether the depth of the marks is wanted too: it takes as long as the ball. */
  depths?: boolean;
}

/** A set of balls under a cause, of a strength drawn at random, the calls in the proportion in which they were hit. */
export function causedBalls(
  cause: Cause,
  hits: readonly MeantHit[],
  { golfer, swings, count, depths = false }: Simulated,
  sampler: Sampler,
): FoundBall[] {
  const [weakest, strongest] = STRENGTHS;
  const strength = weakest + (strongest - weakest) * sampler.uniform();
  return Array.from({ length: count }, (_, i) => {
    const { setup, aim, shot, carry } = hits[Math.floor((i * hits.length) / count)]!;
    const swing = swings[Math.floor(sampler.uniform() * swings.length)]!;
    const made = madeWith(swing, footingOf(setup, shot), { ...AS_MEANT });
    const error = causedSwing(made, cause, strength, golfer.habits.bias);
    const seen = seenBall(setup, aim, golfer, shot, error);
    const found = foundOf(seen, { entry: setup.entry, carry });
    return depths ? { ...found, depth: depthOf(setup, golfer, shot, error) } : found;
  });
}
