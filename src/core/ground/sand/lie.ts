import type { Sand } from './presets';

export const LIES = ['clean', 'sitting-down', 'fried-egg', 'plugged', 'buried'] as const;
/** Named steps of a lie; any burial between is meaningful. */
export type Lie = (typeof LIES)[number];

/** Depth of the ball's lowest point below the sand for each step but clean, m: a ball is 43 mm through. */
const BURIAL: Record<Exclude<Lie, 'clean'>, number> = {
  'sitting-down': 0.009,
  'fried-egg': 0.018,
  plugged: 0.028,
  buried: 0.04,
};

/** Deepest burial that the model speaks of, m. */
export const DEEPEST_BURIAL = 0.05;

/** Burial of a named lie in this sand, m: a clean ball settles as the sand lets it. */
export const burialOf = (lie: Lie, sand: Sand): number =>
  lie === 'clean' ? sand.settle : BURIAL[lie];

/** Burial from which a ball sits down, and from which sand cannot be thrown under it any more, m. */
const DOWN_FROM = 0.0065;
const SUNK_FROM = 0.0135;

/** True when a ball does not sit on top of the sand any more: it cannot be met cleanly, nor rolled. */
export const sitsDown = (burial: number): boolean => burial > DOWN_FROM;

/** True for a ball that is half under or more. */
export const isSunk = (burial: number): boolean => burial > SUNK_FROM;

/**
 * The step that comes nearest to a burial, m.
 *
 * @example
 * nearestLie(0.003); // => 'clean'
 * nearestLie(0.03); // => 'plugged'
 */
export function nearestLie(burial: number): Lie {
  if (burial < DOWN_FROM) return 'clean';
  if (burial < SUNK_FROM) return 'sitting-down';
  if (burial < 0.023) return 'fried-egg';
  return burial < 0.034 ? 'plugged' : 'buried';
}
