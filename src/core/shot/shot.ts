import type { Wind } from '../flight/fly';
import type { Green, Surface } from '../green/surface';
import type { Sand } from '../sand/presets';

/** The edge of the bunker on the line of play, m. */
export interface Lip {
  /** Above the ball. */
  height: number;
  /** Ahead of the ball. */
  distance: number;
}

/**
 * A ball in the sand and what lies ahead, SI units along the line to the flag. The green stands level with
 * the edge of the bunker, as most do.
 */
export interface Shot {
  /** Ball to flag. */
  pin: number;
  /** Ball to the front edge of the green, and to its back edge. */
  edge: number;
  back: number;
  /** Landing spot asked for; absent when the product chooses. */
  carry?: number;
  lip: Lip;
  /** Depth of the ball's lowest point below the sand. */
  burial: number;
  sand: Sand;
  green: Green;
  /** What lies past the green. */
  beyond: Surface;
  wind: Wind;
}
