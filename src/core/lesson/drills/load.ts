import type { BodyCaution } from '@/core/ground/player/player';
import type { Load } from './drill';

/**
 * Most balls of a load in one session. Tuned to what coaches say: a buried lie or a full swing in sand jars wrists, elbows and back.
 */
const MOST: Record<Load, number> = { light: 60, full: 30, buried: 10 };

/** Where a part of the body is to be spared. */
const MOST_SPARING: Record<Load, number> = { light: 30, full: 10, buried: 0 };

/**
 * Most balls of a load in one session for a player; 0 where it is not to be practised at all.
 *
 * @example
 * mostBalls('buried', []); // => 10
 * mostBalls('buried', ['wrist']); // => 0
 */
export const mostBalls = (load: Load, cautions: readonly BodyCaution[]): number =>
  (cautions.length > 0 ? MOST_SPARING : MOST)[load];
