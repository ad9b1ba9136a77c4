import type { PGlite } from '@electric-sql/pglite';
import { listDrafts, type StoredDraft } from './drafts';
import { ballsOfPlayer, type StoredBall } from './balls';
import type { LearningDecision } from '@/core/lesson/learning/decision';
import { learningDecisions } from './learnings';
import { listLessons, type StoredLesson } from './lessons';
import { listGrassShots, type GrassShot } from './grassShots';
import { playerById } from './players';
import { readingsOfPlayer, type StoredReading } from './readings';
import type { RosterPlayer } from '@/core/lesson/players/player';

export const PLAYER_EXPORT_FORMAT = 'mellow-divot/player-export';

/** Everything that the product holds about one player. */
export interface PlayerExport {
  format: typeof PLAYER_EXPORT_FORMAT;
  version: 1;
  player: RosterPlayer;
  readings: StoredReading[];
  drafts: StoredDraft[];
  grass_shots: GrassShot[];
  lessons: StoredLesson[];
  balls: StoredBall[];
  /** What was decided about learnings, with the factors of each version. */
  learnings: LearningDecision[];
}

/** More of anything than anybody has. */
const ALL = 1_000_000;

/** Everything about one player; null when there is none. */
export async function everythingAbout(db: PGlite, id: string): Promise<PlayerExport | null> {
  const player = await playerById(db, id);
  if (!player) return null;
  const [readings, drafts, grass_shots, lessons, balls, learnings] = await Promise.all([
    readingsOfPlayer(db, id, ALL),
    listDrafts(db),
    listGrassShots(db, id, ALL),
    listLessons(db, id, ALL),
    ballsOfPlayer(db, id, ALL),
    learningDecisions(db, id, ALL),
  ]);
  return {
    format: PLAYER_EXPORT_FORMAT,
    version: 1,
    player,
    readings,
    drafts: drafts.filter(({ playerId }) => playerId === id),
    grass_shots,
    lessons,
    balls,
    learnings,
  };
}
