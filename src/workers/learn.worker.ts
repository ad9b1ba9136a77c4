import { expose } from 'comlink';
import { readSituation } from '@/core/tell/format/situation';
import { findFault, type Finding, type Ticks } from '@/core/lesson/faults/find';
import { looksFor, type Looks } from '@/core/lesson/faults/looks';
import { learn, type Learning } from '@/core/lesson/learning/learn';
import { movesOf, type Moves } from '@/core/lesson/learning/moves';
import { forFinding, forLearning, hitsFor, type CalledBall } from '@/core/lesson/review/against';
import type { Station } from '@/core/lesson/plan/lesson';
import { situationFor } from '@/core/lesson/players/player';
import type { PlayerRecord } from '@/core/lesson/players/record';
import { plainGolferOf } from '@/core/model/golfer/golferOf';

const SEED = 1;

/** A fault is looked for in this many balls: what was hit before is another swing. */
const LATEST = 60;

/** A ball with the station that it was hit from. */
export type PlacedBall = CalledBall & { at: Station };

const playerOf = (record: PlayerRecord, station: Station) =>
  readSituation(situationFor(record, station.shot)).question.player;

/** Looks of the causes for what was asked last: a tick asks for the same again. */
let latest: { asked: string; looks: Looks } | null = null;

const learning = {
  /** What the balls of a player say; those that were excluded do not count. */
  learn(record: PlayerRecord, balls: readonly PlacedBall[]): Learning | null {
    const [first] = balls;
    if (!first) return null;
    const player = playerOf(record, first.at);
    const counted = balls.filter(({ excluded }) => !excluded);
    const hit = hitsFor(player, record);
    return learn(
      counted.map((ball) => forLearning(ball, hit(ball.call, ball.at), player)),
      plainGolferOf(player),
      SEED,
    );
  },

  /** What ladder and calls would become with what was learnt. */
  moves(...asked: Parameters<typeof movesOf>): Moves {
    return movesOf(...asked);
  },

  /** Ranks the causes of what the balls did, each against the call that it was hit for. */
  find(record: PlayerRecord, balls: readonly PlacedBall[], ticks: Ticks): Finding | null {
    const counted = balls.filter(({ excluded }) => !excluded).slice(-LATEST);
    const [first] = counted;
    if (!first) return null;
    const player = playerOf(record, first.at);
    const found = counted.map((ball) => forFinding(ball, player));
    const asked = JSON.stringify([record, counted]);
    if (latest?.asked !== asked) {
      const hit = hitsFor(player, record);
      const hits = counted.map((ball) => hit(ball.call, ball.at));
      latest = { asked, looks: looksFor(found, hits, plainGolferOf(player), SEED) };
    }
    return findFault(found, ticks, latest.looks);
  },
};

export type LearnWorker = typeof learning;

expose(learning);
