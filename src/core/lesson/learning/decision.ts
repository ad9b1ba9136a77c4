import { check } from '@/core/contract/check/fault';
import { exactObject, integerField, required } from '@/core/contract/check/fields';
import type { LearntFactors } from '@/core/ground/player/learnt';

/** Fewer balls than this are not taken over. */
export const FEWEST_LEARNT = 5;

export const DECISIONS = ['accepted', 'held', 'let-go'] as const;

/** What a coach decided about a learning, and what calls use from then on. */
export interface LearningDecision {
  decision: (typeof DECISIONS)[number];
  /** Null for the skill alone. */
  version: number | null;
  factors: LearntFactors | null;
  /** Balls that the learning was from. */
  balls: number;
  /** ISO 8601, UTC. */
  decidedAt: string;
}

const holdSchema = exactObject({ balls: required(integerField(0, 1_000_000)) });

/** Checks a word to hold. Throws FaultyInput. */
export const readHold = (input: unknown): { balls: number } => check(holdSchema, input);
