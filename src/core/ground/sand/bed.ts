import type { Sand } from './presets';

/** What the ball lies in: the sand, how deep, and how the ground tilts. */
export interface Bed {
  sand: Sand;
  /** Depth of the ball's lowest point below the sand, m. */
  burial: number;
  /** Slope along the line, radians, up-slope positive. */
  along: number;
  /** Slope across it, radians, ball above the feet positive. */
  across: number;
}
