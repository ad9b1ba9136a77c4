import type { Player } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';

/** What the search is asked. */
export interface Question {
  player: Player;
  shot: Shot;
  seed: number;
  caution?: number;
  /** Schools that the house or the player prefers: they win where they cost little more. */
  schools?: readonly string[];
  /** Schools that alone are looked at. */
  only?: readonly string[];
}
