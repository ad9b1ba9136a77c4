import type { Wind } from './wind';
import type { Beyond, Green, Surface } from './green';
import type { Bed } from '../sand/bed';

/** The edge of the bunker on the line of play, m. */
export interface Lip {
  /** Above the ball. */
  height: number;
  /** Ahead of the ball. */
  distance: number;
}

/** A way out other than at the flag. */
export interface Escape {
  /** Turned from the line to the flag towards the trail side of a right-hander (to the right), radians. */
  toward: number;
  lip: Lip;
  /** Open ground past the lip, m. */
  room: number;
  /** Where the ball is meant to stop, m; absent when the product chooses. */
  target?: number | undefined;
  /** What the ground is there; rough when absent. */
  ground?: Exclude<Surface, 'sand'> | undefined;
}

/**
 * A ball in the sand and what lies ahead, SI units along the line of play. The ground past the bunker stands level
 * with its edge, as most greens do.
 */
export interface Shot extends Bed {
  /** Where the ball should stop: the flag, or the middle of the open ground of an escape. */
  pin: number;
  /** Ball to the front edge of the green, and to its back edge. */
  edge: number;
  back: number;
  /** Landing spot asked for; absent when the product chooses. */
  carry?: number | undefined;
  /** Far edge of a hazard that must be carried. */
  clear?: number | undefined;
  lip: Lip;
  green: Green;
  /** What lies past the green. */
  beyond: Beyond;
  wind: Wind;
  /** Other ways out that were read. */
  escapes: readonly Escape[];
  /** For a way out that is not at the flag: where the hole is in this shot's own frame, and the ground. */
  away?: { holeX: number; holeY: number; ground: Surface };
  /** Strokes to hole out from this sand for a ball left in it, when the search has found a bound. */
  leftIn?: number;
}
