import type { Club } from '../club/club';
import type { TechniqueName } from '../swing/technique';

/** A range with the points in it that the search tries first; it refines between them. */
export interface Span {
  low: number;
  high: number;
  tries: readonly number[];
}

/** A coach's way of playing a shot, as constraints on the set-up. All schools go through the same model. */
export interface School {
  id: string;
  /** As said aloud: "feet open, swing along them". */
  name: string;
  kind: 'splash' | 'long-splash';
  technique: TechniqueName;
  /** Which clubs it uses. */
  clubs: (club: Club) => boolean;
  /** Face, degrees, open positive. */
  faceDeg: Span;
  /** Mark behind the ball, m. */
  entry: Span;
  /** Share of the aim that the feet turn with: 1 along the path, 0 parallel to the line of the flag. */
  feetWithPath: number;
  /** Greatest aim off the line of the flag that the school can live with, degrees. */
  mostAimDeg: number;
  stanceWidth: number;
  dig: number;
  handleLoweredDeg: number;
  shaftLeanDeg: number;
  weightLead: number;
  /** How far it is from the plainest set-up, for ties: lower is simpler. */
  fuss: number;
}
