import type { PlayerRecord } from '../players/record';
import { forStats, shotsOf, type CalledBall } from './against';
import type { LessonPlan } from '../plan/lesson';
import { statsOf, type BallStats } from './stats';

/** What one lesson came to for a player. */
export interface HistoryPoint {
  day: string;
  place: string;
  stats: BallStats;
}

/** A player's lessons from the first to the last with what the balls of each came to; lessons without balls are left out. */
export function historyOf(
  record: PlayerRecord,
  lessons: readonly { id: string; plan: LessonPlan }[],
  balls: readonly (CalledBall & { lesson: string })[],
): HistoryPoint[] {
  return [...lessons]
    .sort((a, b) => a.plan.held_on.localeCompare(b.plan.held_on))
    .flatMap(({ id, plan }) => {
      const own = balls.filter(({ lesson }) => lesson === id);
      if (own.length === 0) return [];
      const shots = shotsOf(record, plan.stations);
      const stats = statsOf(own.map((ball) => forStats(ball, shots[ball.station] ?? shots[0]!)));
      return [{ day: plan.held_on, place: plan.place, stats }];
    });
}
