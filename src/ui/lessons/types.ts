import type { ExchangedBall } from '@/core/lesson/balls/ball';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import type { RosterPlayer } from '@/core/lesson/players/player';

/** A lesson as the lessons' pages know it. */
export interface LessonView {
  id: string;
  plan: LessonPlan;
  players: { id: string; name: string }[];
  balls: number;
  summary: string;
  homework: string;
  closed: boolean;
}

/** A ball as it is shown: saved, or still on its way. */
export type ShownBall = ExchangedBall & {
  /** The server's order; absent until it has it. */
  seq?: number;
  /** True while the server has not acknowledged it. */
  pending?: boolean;
};

export type LessonPlayer = RosterPlayer;
