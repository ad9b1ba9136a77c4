import type { ClubInput } from '@/core/contract/readSituation';
import type { Hand, Skill } from '@/core/player/player';
import type { ShotInput } from '@/core/reading/reading';

/** A player as the desk needs one. */
export interface DeskPlayer {
  id: string;
  name: string;
  handed: Hand;
  skill: Skill;
  bag: ClubInput[];
}

/** A kept reading as the desk lists it. */
export interface KeptReading {
  id: string;
  name: string;
  playerId: string;
  playerName: string;
  shot: ShotInput;
  called: string;
  savedAt: string;
}

/** A draft as the desk lists it. */
export type DraftReading = Omit<KeptReading, 'name'>;
