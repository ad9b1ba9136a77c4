import type { Shot } from './shot';

/** Greens are taken to reach at least this far to each side of the flag, m. */
const LEAST_HALF_WIDTH = 6;

/** How far a bunker is drawn to each side of the line, m; only the line of play is read. */
export const BUNKER_HALF_WIDTH = 2.6;

/** How far the green reaches to each side of the line, m: as far as it is deep, but at least 6 m. */
export const greenHalfWidth = ({ edge, back }: Pick<Shot, 'edge' | 'back'>): number =>
  Math.max(LEAST_HALF_WIDTH, (back - edge) / 2);
