import { clamp } from '../numeric/soft';
import type { Sand } from './presets';

/** Depth by which stiffness that grows with it counts as much as strength at the surface, m: that of a sole in the sand. */
const SOLE_DEEP = 0.004;

/**
 * How hard sand is to a sole, Pa: its strength, and what its stiffness adds by the depth that a sole goes to.
 *
 * @example
 * hardness({ strength: 3000, stiffness: 10e6 }); // => 43000
 */
export const hardness = ({ strength, stiffness }: Pick<Sand, 'strength' | 'stiffness'>): number =>
  strength + SOLE_DEEP * stiffness;

/** Hardness of medium sand, in which players practise, and of hardpan, Pa. */
const MEDIUM = 43e3;
const HARDPAN = 670e3;

/** Depth of sand over a base from which, and by which, a club meets the base, m. */
const BASE_FROM = 0.03;
const BASE_AT = 0.01;

/** Sand whose base a club may meet. */
export const isThin = ({ baseDepth }: Pick<Sand, 'baseDepth'>): boolean => baseDepth < BASE_FROM;

/**
 * How far sand is from what players practise in, as two shares from 0 to 1: hard by itself, and a base near by under sand that
 * looks soft.
 */
export function distrusted(sand: Sand): { hard: number; base: number } {
  const hard = clamp((hardness(sand) - MEDIUM) / (HARDPAN - MEDIUM), 0, 1);
  const near = clamp((BASE_FROM - sand.baseDepth) / (BASE_FROM - BASE_AT), 0, 1);
  return { hard, base: near * (1 - hard) };
}
