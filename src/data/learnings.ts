import type { PGlite } from '@electric-sql/pglite';
import type { LearntFactors } from '@/core/learn/learnt';

/** Accepts what was learnt of a player as the next version; null when there is no such player. */
export async function acceptLearning(
  db: PGlite,
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
    return learnt;
  });
}

/** Lets what was learnt of a player go: calls come from the skill again; the versions stay. */
export async function resetLearning(db: PGlite, playerId: string): Promise<boolean> {
  const { rows } = await db.query(
    `update players set learnt = null, updated_at = now()
     where id = $1 and deleted_at is null returning id`,
    [playerId],
  );
  return rows.length > 0;
}
