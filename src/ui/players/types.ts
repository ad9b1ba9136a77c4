import type { RosterPlayer } from '@/core/lesson/players/player';

/** A player in the roster's list. */
export interface ListedPlayer extends RosterPlayer {
  readings: number;
}

/** A page of the roster. */
export interface RosterPageData {
  players: ListedPlayer[];
  total: number;
}

/** What the roster can be ordered by. */
export type RosterOrder = 'name' | 'skill' | 'readings' | 'changed';

/** A full shot off grass as it is listed. */
export interface GrassShot {
  id: number;
  club: string;
  /** m. */
  carry: number;
  hitAt: string;
}
