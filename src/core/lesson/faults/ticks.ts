import { chancesOf } from '@/core/ground/numeric/belief';
import type { Cause } from './causes';

/* What a coach saw, and how far it can be relied on. */

/** What a coach has seen of a sign: there, not there; absent while nobody has looked. */
export type Ticks = Readonly<Record<string, boolean>>;

/** How a coach looks: chances that a sign of the cause that is at work is ticked, and one that is not of it. */
export interface Eye {
  there: number;
  otherwise: number;
}

/** Eyes that a coach may have, each as likely: the answers tell which. Tuned to eyes that err. */
const EYES: readonly Eye[] = [0.6, 0.75, 0.9].flatMap((there) =>
  [0.04, 0.1, 0.2, 0.35].map((otherwise) => ({ there, otherwise })),
);

/** Chance that a coach with this eye says this of a sign, when these causes are at work. */
export function tickChance(
  causes: readonly Cause[],
  sign: string,
  seen: boolean,
  { there, otherwise }: Eye,
): number {
  const ticked = causes.some(({ signs }) => signs.includes(sign)) ? there : otherwise;
  return seen ? ticked : 1 - ticked;
}

/** What is known of the coach's eye, on the whole. */
const meanEye = (weights: readonly number[]): Eye => ({
  there: EYES.reduce((sum, { there }, k) => sum + weights[k]! * there, 0),
  otherwise: EYES.reduce((sum, { otherwise }, k) => sum + weights[k]! * otherwise, 0),
});

/**
 * Chances of what may be at work once the coach's answers are taken in, whatever eye the coach has, and what the answers tell of that eye.
 *
 * @param states the causes that may be at work, together
 * @param before logarithms of how likely each was before, up to a constant
 */
export function withTicks(
  states: readonly (readonly Cause[])[],
  before: readonly number[],
  ticks: Ticks,
): { chances: number[]; eye: Eye } {
  const ticked = Object.entries(ticks);
  // Every state under every eye, eye by eye.
  const both = chancesOf(
    EYES.flatMap((eye) =>
      states.map((causes, i) =>
        ticked.reduce(
          (sum, [sign, seen]) => sum + Math.log(tickChance(causes, sign, seen, eye)),
          before[i]!,
        ),
      ),
    ),
  );
  const at = (eye: number, state: number): number => both[eye * states.length + state]!;
  return {
    chances: states.map((_, i) => EYES.reduce((sum, __, k) => sum + at(k, i), 0)),
    eye: meanEye(EYES.map((_, k) => states.reduce((sum, __, i) => sum + at(k, i), 0))),
  };
}
