import type { Sql, Tx } from './sql/sql';
import type { EyeResult, SceneResult } from '@/core/lesson/eye/answer';

/** Latest scenes that are looked at, of a player or of an account. */
const LATEST = 500;

/** The latest results of some, first answered first. */
async function latest<R>(db: Sql, some: string, whose: string | null, most: number): Promise<R[]> {
  const { rows } = await db.query<{ result: R }>(
    `select result from (select result, answered_at, id from ${some}
       order by answered_at desc, id desc limit $2) latest order by answered_at, id`,
    [whose, most],
  );
  return rows.map(({ result }) => result);
}

/** The latest scenes that a player answered, first answered first. */
export const eyeResults = (db: Sql, playerId: string, most = LATEST): Promise<EyeResult[]> =>
  latest(db, 'eye_results where player_id = $1', playerId, most);

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

/**
 * The latest scenes that a coach or an assistant answered, first answered first.
 *
 * @param account null on a machine where nobody signs in
 */
export const ownEyeResults = (db: Sql, account: string | null): Promise<SceneResult[]> =>
  latest(db, 'own_eye_results where account_id is not distinct from $1::uuid', account, LATEST);

/** Saves a scene that a coach or an assistant answered, once. */
export async function addOwnEyeResult(
  db: Sql,
  account: string | null,
  result: SceneResult,
): Promise<void> {
  await db.query(
    `insert into own_eye_results (id, account_id, answered_at, result) values ($1, $2, $3, $4)
     on conflict (id) do nothing`,
    [result.id, account, result.answered_at, JSON.stringify(result)],
  );
}
