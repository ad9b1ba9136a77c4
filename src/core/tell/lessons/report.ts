import type { PlayerRecord } from '@/core/lesson/players/record';
import { forStats, shotsOf, type CalledBall } from '@/core/lesson/review/against';
import type { CallRecord } from '@/core/contract/shot/setup';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { calledWithWords } from '@/core/tell/lessons/calledWith';
import { partsOf } from '@/core/lesson/review/parts';
import { statsOf, type BallStats, type StatBall } from '@/core/lesson/review/stats';

/** A lesson as one player takes it home. */
export interface PlayerReport<P extends PlayerRecord> {
  player: P;
  balls: StatBall[];
  stats: BallStats;
  /** Null with too few balls to halve. */
  first: BallStats | null;
  second: BallStats | null;
  /** What was hit last at each station that the player came to. */
  calls: { station: string; call: CallRecord }[];
  /** What had been learnt of the player when these balls were called, in a sentence; null where nothing had. */
  learning: string | null;
}

/** What a player's balls of a lesson came to, with the calls that they were hit for. */
export function reportOf<P extends PlayerRecord>(
  player: P,
  plan: LessonPlan,
  own: readonly CalledBall[],
): PlayerReport<P> {
  const shots = shotsOf(player, plan.stations);
  const balls = own.map((ball) => forStats(ball, shots[ball.station]!));
  const [first, second] = partsOf(balls, 'halves', String).map((part) => statsOf(part.balls));
  return {
    player,
    balls,
    stats: statsOf(balls),
    first: first ?? null,
    second: second ?? null,
    calls: plan.stations.flatMap(({ name }, station) => {
      const last = own.findLast((ball) => ball.station === station);
      return last ? [{ station: name, call: last.call }] : [];
    }),
    learning: calledWithWords(own),
  };
}
