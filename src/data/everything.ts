import type { PGlite } from '@electric-sql/pglite';
import { listDrafts } from './drafts';
import { type DraftReading, type KeptReading } from '@/core/tell/reading/kept';
import { ballsOfPlayer } from './balls';
import type { StoredBall } from '@/core/lesson/balls/ball';
import type { LearningDecision } from '@/core/lesson/learning/decision';
import { learningDecisions } from './learnings';
import { listLessons } from './lessons';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { listGrassShots } from './grassShots';
import type { GrassShot } from '@/core/lesson/players/grassShot';
import { playerById } from './players';
import { readingsOfPlayer } from './readings';
import type { RosterPlayer } from '@/core/lesson/players/player';

export const PLAYER_EXPORT_FORMAT = 'mellow-divot/player-export';

/** Everything that the product holds about one player. */
export interface PlayerExport {
  format: typeof PLAYER_EXPORT_FORMAT;
  version: 1;
  player: RosterPlayer;
  readings: KeptReading[];
  drafts: DraftReading[];
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
