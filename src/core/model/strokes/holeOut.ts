import type { Beyond, Surface } from '@/core/ground/situation/green';
import type { Skill } from '@/core/ground/player/player';
import { fromMetres } from '@/core/ground/units/length';
import {
  FAIRWAY_BY_YARDS,
  PUTTS_BY_FEET,
  ROUGH_BY_YARDS,
  SAND_BY_YARDS,
  readTable,
} from './tables';

/** Factor on the strokes beyond one, by skill; the tables are the expert's. Tuned to amateurs' averages. */
const PUTTING: Record<Skill, number> = { expert: 1, good: 1.1, middle: 1.25, beginner: 1.5 };
const CHIPPING: Record<Skill, number> = { expert: 1, good: 1.12, middle: 1.3, beginner: 1.6 };
const SAND_AGAIN: Record<Skill, number> = { expert: 1, good: 1.12, middle: 1.38, beginner: 1.95 };

const scaled = (strokes: number, factor: number): number => 1 + (strokes - 1) * factor;

/**
 * Strokes still needed to hole out from a place, after M. Broadie's tables scaled for the player's skill.
 *
 * @param surface what the ball lies on
 * @param distance from the hole, m
 * @example
 * strokesToHoleOut('green', 0.9144, 'expert'); // => 1.04
 */
export function strokesToHoleOut(surface: Surface, distance: number, skill: Skill): number {
  switch (surface) {
    case 'green':
      return scaled(readTable(PUTTS_BY_FEET, fromMetres(distance, 'ft')), PUTTING[skill]);
    case 'fringe':
    case 'fairway':
      return scaled(readTable(FAIRWAY_BY_YARDS, fromMetres(distance, 'yd')), CHIPPING[skill]);
    case 'rough':
      return scaled(readTable(ROUGH_BY_YARDS, fromMetres(distance, 'yd')), CHIPPING[skill]);
    case 'sand':
      return scaled(readTable(SAND_BY_YARDS, fromMetres(distance, 'yd')), SAND_AGAIN[skill]);
  }
}

/** One penalty stroke. */
const PENALTY = 1;

/**
 * Strokes still needed by a ball past the green. From water: one penalty stroke, then from rough as far away. Out of
 * bounds: stroke and distance, so a penalty stroke and the sand again.
 *
 * @param leftIn strokes to hole out from the sand that the ball came from
 */
export function strokesFromBeyond(
  beyond: Beyond,
  distance: number,
  skill: Skill,
  leftIn: number,
): number {
  switch (beyond) {
    case 'fringe':
    case 'rough':
      return strokesToHoleOut(beyond, distance, skill);
    case 'bunker':
      return strokesToHoleOut('sand', distance, skill);
    case 'water':
      return PENALTY + strokesToHoleOut('rough', distance, skill);
    case 'out-of-bounds':
      return PENALTY + leftIn;
  }
}
