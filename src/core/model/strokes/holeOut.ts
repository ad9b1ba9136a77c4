import { METRES_PER } from '@/core/ground/units/length';
import type { Skill } from '@/core/ground/player/player';
import type { Beyond, Surface } from '@/core/ground/situation/green';
import {
  FAIRWAY_BY_YARDS,
  HOLED_BY_FEET,
  PUTTS_BY_FEET,
  ROUGH_BY_YARDS,
  SAND_BY_YARDS,
  readTable,
} from './tables';

/** What a player's skill is worth once the ball is out, as factors on the experts' of the tables. */
export interface ShortGame {
  /** On the odds of holing a putt, and of three-putting. */
  holing: number;
  threePutting: number;
  /** On the strokes beyond one from grass, and from sand. */
  chipping: number;
  sandAgain: number;
}

/**
 * Factors by skill. Putting is tuned to what is published of amateurs (M. Broadie, "Every Shot Counts", 2014): who goes round in
 * 80 holes six five-footers in ten, in 90 half of them and one ten-footer in five, and three-putts one in six from 30 feet. The
 * others are tuned to amateurs' averages.
 */
export const SHORT_GAME: Record<Skill, ShortGame> = {
  expert: { holing: 1, threePutting: 1, chipping: 1, sandAgain: 1 },
  good: { holing: 0.5, threePutting: 2.1, chipping: 1.12, sandAgain: 1.12 },
  middle: { holing: 0.33, threePutting: 3.7, chipping: 1.3, sandAgain: 1.38 },
  beginner: { holing: 0.22, threePutting: 6.7, chipping: 1.6, sandAgain: 1.95 },
};

/** A chance whose odds are so many times those of another. */
const oddsTimes = (chance: number, factor: number): number =>
  (factor * chance) / (1 - chance + factor * chance);

const scaled = (strokes: number, factor: number): number => 1 + (strokes - 1) * factor;

/**
 * Putts from so many metres: 2 - holed + three-putted, each with its odds scaled. Scaling strokes instead would leave a short
 * putt as good as holed for anybody.
 */
export function puttsFrom(metres: number, game: ShortGame): number {
  const feet = metres / METRES_PER.ft;
  const holed = readTable(HOLED_BY_FEET, feet);
  const threePutted = Math.max(0, readTable(PUTTS_BY_FEET, feet) - 2 + holed);
  return 2 - oddsTimes(holed, game.holing) + oddsTimes(threePutted, game.threePutting);
}

/** Strokes from so many metres of fairway or fringe, of rough and of sand. */
export const fromFairway = (metres: number, game: ShortGame): number =>
  scaled(readTable(FAIRWAY_BY_YARDS, metres / METRES_PER.yd), game.chipping);
export const fromRough = (metres: number, game: ShortGame): number =>
  scaled(readTable(ROUGH_BY_YARDS, metres / METRES_PER.yd), game.chipping);
export const fromSand = (metres: number, game: ShortGame): number =>
  scaled(readTable(SAND_BY_YARDS, metres / METRES_PER.yd), game.sandAgain);

/**
 * Strokes still needed to hole out from a place, after M. Broadie's tables scaled for the player's skill.
 *
 * @param surface what the ball lies on
 * @param distance from the hole, m
 * @example
 * strokesToHoleOut('green', 0.9144, 'expert'); // => 1.04
 */
export function strokesToHoleOut(surface: Surface, distance: number, skill: Skill): number {
  return strokesFrom(groundOf(surface), distance, SHORT_GAME[skill]);
}

/** What a ball may lie on, as shares of 1, and strokes that it costs besides. */
export interface Ground {
  green: number;
  fairway: number;
  rough: number;
  sand: number;
  besides: number;
}

const NO_GROUND: Ground = { green: 0, fairway: 0, rough: 0, sand: 0, besides: 0 };

/** A surface as {@link Ground}: a fringe plays as a fairway. */
export const groundOf = (surface: Surface): Ground => ({
  ...NO_GROUND,
  [surface === 'fringe' ? 'fairway' : surface]: 1,
});

/** Strokes still needed from so many metres of such ground. */
export const strokesFrom = (ground: Ground, metres: number, game: ShortGame): number =>
  ground.green * puttsFrom(metres, game) +
  ground.fairway * fromFairway(metres, game) +
  ground.rough * fromRough(metres, game) +
  ground.sand * fromSand(metres, game) +
  ground.besides;

/** One penalty stroke. */
const PENALTY = 1;

/**
 * What a ball past the green costs. From water: one penalty stroke, then from rough as far away. Out of bounds: stroke and
 * distance, so a penalty stroke and the sand again.
 *
 * @param leftIn strokes to hole out from the sand that the ball came from
 */
export function groundBeyond(beyond: Beyond, leftIn: number): Ground {
  switch (beyond) {
    case 'fringe':
    case 'rough':
      return groundOf(beyond);
    case 'bunker':
      return groundOf('sand');
    case 'water':
      return { ...groundOf('rough'), besides: PENALTY };
    case 'out-of-bounds':
      return { ...NO_GROUND, besides: PENALTY + leftIn };
  }
}
