import type { Beyond, Surface } from '@/core/ground/situation/green';
import type { Skill } from '@/core/ground/player/player';
import { fromMetres } from '@/core/ground/units/length';
import {
  FAIRWAY_BY_YARDS,
  HOLED_BY_FEET,
  PUTTS_BY_FEET,
  ROUGH_BY_YARDS,
  SAND_BY_YARDS,
  readTable,
} from './tables';

/**
 * Factors on the odds of holing a putt and of three-putting, by skill; the tables are the expert's. Tuned to what is published of
 * amateurs (M. Broadie, "Every Shot Counts", 2014): who goes round in 80 holes six five-footers in ten, in 90 half of them and
 * one ten-footer in five, and three-putts one in six from 30 feet.
 */
const HOLING: Record<Skill, number> = { expert: 1, good: 0.5, middle: 0.33, beginner: 0.22 };
const THREE_PUTTING: Record<Skill, number> = { expert: 1, good: 2.1, middle: 3.7, beginner: 6.7 };

/** Factor on the strokes beyond one, by skill. Tuned to amateurs' averages. */
const CHIPPING: Record<Skill, number> = { expert: 1, good: 1.12, middle: 1.3, beginner: 1.6 };
const SAND_AGAIN: Record<Skill, number> = { expert: 1, good: 1.12, middle: 1.38, beginner: 1.95 };

/**
 * Putts from so many feet: 2 - holed + three-putted, each with its odds scaled. Scaling strokes instead would leave a short putt
 * as good as holed for anybody.
 */
function puttsFrom(feet: number, skill: Skill): number {
  const holed = readTable(HOLED_BY_FEET, feet);
  const threePutted = Math.max(0, readTable(PUTTS_BY_FEET, feet) - 2 + holed);
  return 2 - oddsTimes(holed, HOLING[skill]) + oddsTimes(threePutted, THREE_PUTTING[skill]);
}

/** A chance whose odds are so many times those of another. */
const oddsTimes = (chance: number, factor: number): number =>
  (factor * chance) / (1 - chance + factor * chance);

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
      return puttsFrom(fromMetres(distance, 'ft'), skill);
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
