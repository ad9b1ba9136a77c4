import type { BodyCaution } from '@/core/ground/player/player';
import type { Homework } from './plan';
import type { DrillResult } from './result';

/** Practice as it is stored, with the player whose it is. */
export interface StoredHomework {
  id: string;
  plan: Homework;
  playerName: string;
  cautions: readonly BodyCaution[];
  /** How often it was saved. */
  revision: number;
  /** Most sessions that it ever had. */
  most: number;
  /** First day first. */
  results: DrillResult[];
}
