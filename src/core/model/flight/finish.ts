import type { FlightPoint } from './fly';

/** Where one ball went: m along and left of the line to the flag. */
export interface Finish {
  carry: number;
  x: number;
  y: number;
  apex: number;
  /** Ball's bottom over the lip's edge, m; -Infinity when it came down before the edge. */
  lipClearance: number;
  /** Horizontal speed in from the landing, for the run; where it landed. */
  landing: FlightPoint;
}

/** How far a ball passed over the lip's edge, m; null when it came down before it. */
export const clearanceOf = ({ lipClearance }: Pick<Finish, 'lipClearance'>): number | null =>
  Number.isFinite(lipClearance) ? lipClearance : null;
