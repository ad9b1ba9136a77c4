import type { LessonClosing, LessonPlan } from './lesson';

/** A lesson as it is stored. */
export interface StoredLesson extends Required<LessonClosing> {
  id: string;
  plan: LessonPlan;
  players: { id: string; name: string }[];
  /** Tells one saving of the plan from another. */
  version: string;
  /** How many balls are logged. */
  balls: number;
  /** ISO 8601, UTC. */
  createdAt: string;
}
