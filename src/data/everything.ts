import type { Sql } from './sql/sql';
import { PLAYER_FORMAT, type PlayerFile } from '@/core/lesson/exchange/playerFile';
import { recordOf } from '@/core/lesson/players/player';
import { ballsOfPlayer } from './balls';
import { listTests } from './bunkerTests';
import { contactOf } from './contacts';
import { listDrafts } from './drafts';
import { listGrassShots } from './grassShots';
import { eyeResults } from './eye';
import { listHomework } from './homework';
import { learningDecisions } from './learnings';
import { listLessons } from './lessons';
import { playerById } from './players';
import { readingsOfPlayer } from './readings';

/** More of anything than anybody has. */
const ALL = 1_000_000;

/** Everything about one player, as a file that {@link bringBack} takes again; null when there is none. */
export async function everythingAbout(db: Sql, id: string): Promise<PlayerFile | null> {
  const player = await playerById(db, id);
  if (!player) return null;
  const [contact, readings, drafts, shots, lessons, balls, decisions, practice, tests, eye] =
    await Promise.all([
      contactOf(db, id),
      readingsOfPlayer(db, id, ALL),
      listDrafts(db),
      listGrassShots(db, id, ALL),
      listLessons(db, id, ALL),
      ballsOfPlayer(db, id, ALL),
      learningDecisions(db, id, ALL),
      listHomework(db, id, ALL),
      listTests(db, id, ALL),
      eyeResults(db, id, ALL),
    ]);
  return {
    format: PLAYER_FORMAT,
    version: 2,
    id,
    archived: player.archived,
    player: recordOf(player),
    ...(contact && Object.keys(contact).length > 0 && { contact }),
    ...(player.learnt ? { learnt: player.learnt } : {}),
    readings: readings.map(({ id, name, shot, called, model, learnt, savedAt }) => ({
      id,
      name,
      shot,
      called,
      model,
      learnt,
      saved_at: savedAt,
    })),
    drafts: drafts
      .filter(({ playerId }) => playerId === id)
      .map(({ id, shot, called, savedAt }) => ({ id, shot, called, saved_at: savedAt })),
    grass_shots: shots.map(({ club, carry, hitAt }) => ({ club, carry_m: carry, hit_at: hitAt })),
    lessons: lessons.map(({ id: lesson, plan, summary, homework, own_homework, closed }) => ({
      id: lesson,
      plan,
      summary,
      homework,
      // What the others were told is not this player's.
      own_homework: own_homework.filter((own) => own.player === id),
      closed,
    })),
    balls: balls.map(({ seq: _seq, touched: _touched, at: _at, ...ball }) => ball),
    practice: practice.map(({ id: planId, plan, results }) => ({ id: planId, plan, results })),
    tests: tests.map(({ id: testId, test }) => ({ id: testId, test })),
    eye,
    learnings: decisions
      .toReversed()
      .map(({ decidedAt, ...decision }) => ({ ...decision, decided_at: decidedAt })),
  };
}
