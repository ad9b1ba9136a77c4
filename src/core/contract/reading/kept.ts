import type { ShotInput } from '@/core/contract/shot/shot';

/** A reading that was kept. */
export interface KeptReading {
  id: string;
  name: string;
  playerId: string;
  playerName: string;
  shot: ShotInput;
  /** What was called, in a line. */
  called: string;
  /** Version of what was learnt of the player that it was called with; null for the skill alone. */
  learnt: number | null;
  /** Version of the physics that called it. */
  model: string;
  /** ISO 8601, UTC. */
  savedAt: string;
}

/** A reading that was worked on and not kept. */
export type DraftReading = Omit<KeptReading, 'name' | 'learnt' | 'model'>;
