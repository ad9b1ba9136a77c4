import type { Sql, Tx } from './sql/sql';
import type { LearningDecision } from '@/core/lesson/learning/decision';
import type { LearntFactors } from '@/core/ground/player/learnt';

/** Accepts what was learnt of a player as the next version; null when there is no such player. */
export async function acceptLearning(
  db: Sql,
  playerId: string,
  factors: Omit<LearntFactors, 'version'>,
): Promise<LearntFactors | null> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query<{ version: number }>(
      `select coalesce(max(version), 0) + 1 as version from learnings where player_id = $1`,
      [playerId],
    );
    const learnt = { version: rows[0]!.version, ...factors };
    const { rows: done } = await tx.query(
      `update players set learnt = $2, updated_at = now()
       where id = $1 and deleted_at is null returning id`,
      [playerId, JSON.stringify(learnt)],
    );
    if (done.length === 0) return null;
    await tx.query('insert into learnings (player_id, version, factors) values ($1, $2, $3)', [
      playerId,
      learnt.version,
      JSON.stringify(learnt),
    ]);
    await decide(tx, playerId, 'accepted', learnt.version, factors.balls);
    return learnt;
  });
}

/** Lets what was learnt of a player go: calls come from the skill again; the versions stay. False for no such player. */
export function resetLearning(db: Sql, playerId: string): Promise<boolean> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query(
      `update players set learnt = null, updated_at = now()
       where id = $1 and deleted_at is null returning id`,
      [playerId],
    );
    if (rows.length === 0) return false;
    await decide(tx, playerId, 'let-go', null, 0);
    return true;
  });
}

/** Keeps what calls use now although there is a newer learning from so many balls; false for no such player. */
export function holdLearning(db: Sql, playerId: string, balls: number): Promise<boolean> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query<{ version: number | null }>(
      `select (learnt ->> 'version')::integer as version from players
       where id = $1 and deleted_at is null`,
      [playerId],
    );
    if (!rows[0]) return false;
    await decide(tx, playerId, 'held', rows[0].version, balls);
    return true;
  });
}

async function decide(
  tx: Tx,
  playerId: string,
  decision: LearningDecision['decision'],
  version: number | null,
  balls: number,
): Promise<void> {
  await tx.query(
    `insert into learning_decisions (player_id, decision, version, balls) values ($1, $2, $3, $4)`,
    [playerId, decision, version, balls],
  );
}

/** What was decided about a player's learnings, latest first. */
export async function learningDecisions(
  db: Sql,
  playerId: string,
  most = 50,
): Promise<LearningDecision[]> {
  const { rows } = await db.query<LearningDecision>(
    `select d.decision, d.version, d.balls, l.factors,
       to_char(d.decided_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS"Z"') as "decidedAt"
     from learning_decisions d
     left join learnings l on l.player_id = d.player_id and l.version = d.version
     where d.player_id = $1 order by d.id desc limit $2`,
    [playerId, most],
  );
  return rows;
}
