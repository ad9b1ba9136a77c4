import type { Sql, Tx } from './sql/sql';
import type { EyeResult } from '@/core/lesson/eye/answer';

/** The latest scenes that a player answered, first answered first. */
export async function eyeResults(db: Sql, playerId: string, most = 500): Promise<EyeResult[]> {
  const { rows } = await db.query<{ result: EyeResult }>(
    `select result from (select result, answered_at, id from eye_results where player_id = $1
       order by answered_at desc, id desc limit $2) latest order by answered_at, id`,
    [playerId, most],
  );
  return rows.map(({ result }) => result);
}

/** Saves a scene that was answered, once; false when the player is not in the roster. */
export async function addEyeResult(db: Sql, result: EyeResult): Promise<boolean> {
  const { rows } = await db.query('select from players where id = $1 and deleted_at is null', [
    result.player,
  ]);
  if (rows.length === 0) return false;
  await storeEyeResults(db, [result]);
  return true;
}

/** Writes scenes that were answered; those that are there stay as they are. */
export async function storeEyeResults(
  tx: Pick<Tx, 'query'>,
  results: readonly EyeResult[],
): Promise<void> {
  await tx.query(
    `insert into eye_results (id, player_id, answered_at, result)
     select (r ->> 'id')::uuid, r ->> 'player', (r ->> 'answered_at')::timestamptz, r
     from jsonb_array_elements($1::jsonb) r on conflict (id) do nothing`,
    [JSON.stringify(results)],
  );
}
