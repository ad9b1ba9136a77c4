import { situationAt } from '@/core/lesson/plan/situationAt';
import { looksFor, type Looked } from '@/core/lesson/faults/looks';
import { learn, type Learning } from '@/core/lesson/learning/learn';
import { movesOf } from '@/core/tell/lessons/moves';
import type { Station } from '@/core/lesson/plan/lesson';
import type { PlayerRecord } from '@/core/lesson/players/record';
import {
  counted,
  hitsFor,
  latest,
  loggedBall,
  type PlacedBall,
} from '@/core/lesson/review/against';
import { golferOf, plainGolferOf } from '@/core/model/golfer/golferOf';
import { readSituation } from '@/core/contract/shot/situation';
import type { Job } from './job';

const SEED = 1;

const playerOf = (record: PlayerRecord, station: Station) =>
  readSituation(situationAt(record, station)).question.player;

export const learningTasks = {
  /** What the balls of a player say; those that were excluded do not count. Null without balls. */
  learn(_: Job, record: PlayerRecord, balls: readonly PlacedBall[]): Learning | null {
    const [first] = balls;
    if (!first) return null;
    const player = playerOf(record, first.at);
    const hit = hitsFor(player, record);
    return learn(
      counted(balls).map((ball) => loggedBall(ball, hit(ball.call, ball.at), player)),
      plainGolferOf(player),
      SEED,
    );
  },

  /** What ladder and calls would become with what was learnt. */
  moves: (_: Job, ...asked: Parameters<typeof movesOf>) => movesOf(...asked),

  /** What each cause of a fault looks like in balls such as these; ticks do not matter to it. Null without balls. */
  looks(_: Job, record: PlayerRecord, balls: readonly PlacedBall[]): Looked | null {
    const recent = latest(balls);
    const [first] = recent;
    if (!first) return null;
    const player = playerOf(record, first.at);
    const hit = hitsFor(player, record);
    return looksFor(
      recent.map((ball) => loggedBall(ball, hit(ball.call, ball.at), player)),
      golferOf(player),
      player.learnt !== undefined,
      SEED,
    );
  },
};
