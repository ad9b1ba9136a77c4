import type { ShotInput } from '@/core/tell/format/shot';
import type { RosterPlayer } from '@/core/lesson/players/player';

/** A player as the desk needs one. */
export type DeskPlayer = RosterPlayer;

/** A kept reading as the desk lists it. */
export interface KeptReading {
  id: string;
  name: string;
  playerId: string;
  playerName: string;
  shot: ShotInput;
  called: string;
  /** Version of what was learnt that it was called with; null for the skill alone. */
  learnt: number | null;
  savedAt: string;
}

/** A draft as the desk lists it. */
export type DraftReading = Omit<KeptReading, 'name' | 'learnt'>;
