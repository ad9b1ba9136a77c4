import type { CalledBall } from './against';

/** How the balls of a lesson are set side by side. */
export const COMPARISONS = ['halves', 'stations', 'clubs', 'players'] as const;
export type Comparison = (typeof COMPARISONS)[number];

/** Balls under a name. */
export interface Part<T> {
  name: string;
  balls: T[];
}

/** Names of halves: those of other parts are of whoever asks for them. */
export const HALVES = ['earlier', 'later'] as const;

/** Fewer balls than this are not halved. */
const FEWEST_TO_HALVE = 6;

/** A ball that is put with others of its kind. */
type Kept = Pick<CalledBall, 'excluded' | 'station'> & { player?: string };

/** Balls under the name of each part, in the order in which each part first comes up. */
function grouped<T>(balls: readonly T[], nameOf: (ball: T) => string): Map<string, T[]> {
  const parts = new Map<string, T[]>();
  for (const ball of balls) {
    const name = nameOf(ball);
    const part = parts.get(name);
    if (part) part.push(ball);
    else parts.set(name, [ball]);
  }
  return parts;
}

/**
 * The earlier and the later balls of each player at each station; of an odd number the middle one is in neither. So both hold as many of
 * each shot: players go round, and the half of a lesson before the plugged station is not the half after it.
 */
function halvesOf<T extends Kept>(balls: readonly T[]): [earlier: T[], later: T[]] {
  const earlier = new Set<T>();
  const later = new Set<T>();
  for (const own of grouped(balls, ({ player = '', station }) => `${station} ${player}`).values()) {
    const each = Math.floor(own.length / 2);
    own.slice(0, each).forEach((ball) => earlier.add(ball));
    own.slice(own.length - each).forEach((ball) => later.add(ball));
  }
  return [balls.filter((ball) => earlier.has(ball)), balls.filter((ball) => later.has(ball))];
}

/**
 * Balls in parts, in the order in which each part first comes up; halves by the balls that count, like with like.
 *
 * @param nameOf what a ball's part is called, not asked for halves
 */
export function partsOf<T extends Kept>(
  balls: readonly T[],
  by: Comparison,
  nameOf: (ball: T) => string,
): Part<T>[] {
  if (by !== 'halves') {
    return [...grouped(balls, nameOf)].map(([name, part]) => ({ name, balls: part }));
  }
  const [earlier, later] = halvesOf(balls.filter(({ excluded }) => !excluded));
  if (earlier.length + later.length < FEWEST_TO_HALVE) return [];
  return [
    { name: HALVES[0], balls: earlier },
    { name: HALVES[1], balls: later },
  ];
}
