import { t } from '@/core/ground/language/t';
import type { CalledBall } from './against';

/** How the balls of a lesson are set side by side. */
export const COMPARISONS = ['halves', 'stations', 'clubs', 'players'] as const;
export type Comparison = (typeof COMPARISONS)[number];

/** Balls under a name. */
export interface Part<T> {
  name: string;
  balls: T[];
}

/** Fewer balls than this are not halved. */
const FEWEST_TO_HALVE = 6;

/**
 * Balls in parts, in the order in which each part first comes up; halves by the balls that count.
 *
 * @param nameOf what a ball's part is called, not asked for halves
 */
export function partsOf<T extends Pick<CalledBall, 'excluded'>>(
  balls: readonly T[],
  by: Comparison,
  nameOf: (ball: T) => string,
): Part<T>[] {
  if (by !== 'halves') {
    const parts = new Map<string, T[]>();
    for (const ball of balls) {
      const name = nameOf(ball);
      const part = parts.get(name);
      if (part) part.push(ball);
      else parts.set(name, [ball]);
    }
    return [...parts].map(([name, part]) => ({ name, balls: part }));
  }
  const counted = balls.filter(({ excluded }) => !excluded);
  if (counted.length < FEWEST_TO_HALVE) return [];
  const half = Math.ceil(counted.length / 2);
  return [
    { name: t('first half'), balls: counted.slice(0, half) },
    { name: t('second half'), balls: counted.slice(half) },
  ];
}
