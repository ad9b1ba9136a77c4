import type { Shot } from '@/core/ground/situation/shot';
import type { Setup } from '../swing/setup';

/** A set-up aimed, and the shot that it is for. */
export interface Hit {
  setup: Setup;
  /** Direction of the path from the line to the flag, radians, to the player's side positive. */
  aim: number;
  shot: Shot;
}
