import type { Database } from './opening/database';
import type { Engine, Sql } from './sql/sql';

/** What is written where an erased player's name stood. */
export const NOBODY = 'a former player';

/** Tables and columns of text in which a coach may have written a player's name. */
const PROSE = [
  ['lessons', 'summary'],
  ['lessons', 'homework'],
  ['lessons', 'place'],
  ['readings', 'name'],
  ['players', 'notes'],
  ['drill_results', 'note'],
] as const;

/** A name as a pattern of the database that fits it as whole words, however it is parted. */
export const patternOf = (name: string): string =>
  `\\m${name.replace(/[^\p{L}\p{N}\s]/gu, '\\$&').replace(/\s+/g, '\\s+')}(?!\\w)`;

/**
 * Takes a player and everything that hangs on the player out of the database for good, the name in texts and plans too, and then out of
 * the files: tables are written anew, and the log in which old rows stand is dropped. The log of a server is its keeper's.
 *
 * @returns false when there is no such player
 */
export async function erasePlayer(
  { sql, copies }: Pick<Database, 'sql' | 'copies'>,
  id: string,
): Promise<boolean> {
  const erased = await eraseRows(sql, id);
  if (!erased) return false;
  await sql.exec('vacuum full');
  if (copies) await dropLog(sql);
  return true;
}

function eraseRows(db: Sql, id: string): Promise<boolean> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query<{ name: string }>(
      'delete from players where id = $1 returning name',
      [id],
    );
    const [player] = rows;
    if (!player) return false;
    const pattern = patternOf(player.name);
    await tx.query(
      `update lessons set plan = jsonb_set(plan, '{players}', (plan -> 'players') - $1)
       where plan -> 'players' ? $1`,
      [id],
    );
    await tx.query(
      `update lessons set plan = jsonb_set(plan, '{notes}',
         to_jsonb(regexp_replace(plan ->> 'notes', $1, $2, 'gi')))
       where plan ->> 'notes' ~* $1`,
      [pattern, NOBODY],
    );
    await tx.query(
      `update practice_plans set plan = jsonb_set(plan, '{note}',
         to_jsonb(regexp_replace(plan ->> 'note', $1, $2, 'gi')))
       where plan ->> 'note' ~* $1`,
      [pattern, NOBODY],
    );
    await tx.query(
      `update bunker_tests set test = jsonb_set(test, '{note}',
         to_jsonb(regexp_replace(test ->> 'note', $1, $2, 'gi')))
       where test ->> 'note' ~* $1`,
      [pattern, NOBODY],
    );
    await tx.query(
      `update balls set seen = jsonb_set(seen, '{note}',
         to_jsonb(regexp_replace(seen ->> 'note', $1, $2, 'gi')))
       where seen ->> 'note' ~* $1`,
      [pattern, NOBODY],
    );
    await tx.query(
      `update lessons set own_homework = coalesce(
         (select jsonb_agg(jsonb_set(own, '{text}', to_jsonb(regexp_replace(own ->> 'text', $1, $2, 'gi'))))
          from jsonb_array_elements(own_homework) own where own ->> 'player' <> $3), '[]')
       where own_homework <> '[]'`,
      [pattern, NOBODY, id],
    );
    for (const [table, column] of PROSE) {
      await tx.query(
        `update ${table} set ${column} = regexp_replace(${column}, $1, $2, 'gi') where ${column} ~* $1`,
        [pattern, NOBODY],
      );
    }
    await tx.query(`update tracker set aim = null where aim ->> 'player' = $1`, [id]);
    return true;
  });
}

/** A log file that is used again keeps what stood in it: these are dropped instead. */
async function dropLog(sql: Engine): Promise<void> {
  await sql.exec('set wal_recycle = off');
  await sql.exec('select pg_switch_wal(); checkpoint; select pg_switch_wal(); checkpoint;');
}
