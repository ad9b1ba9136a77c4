import type { Sql, Tx } from './sql/sql';

/** Records by their ids, and the academy's settings as they were put in with them. */
export interface Cleared {
  players: readonly string[];
  lessons: readonly string[];
  places: readonly string[];
  house: { name: string };
}

/** True while any player of them is there, deleted ones too. */
export async function anyHere(sql: Tx, { players }: Pick<Cleared, 'players'>): Promise<boolean> {
  const { rows } = await sql.query('select 1 from players where id = any($1) limit 1', [
    [...players],
  ]);
  return rows.length > 0;
}

/**
 * Clears records away for good, all or none: the players with everything that hangs on them, the lessons in which nobody else stands, the
 * places, and the academy's settings where they still have that name.
 */
export async function clearRecords(
  sql: Sql,
  { players, lessons, places, house }: Cleared,
): Promise<void> {
  await sql.transaction(async (tx) => {
    await tx.query(
      `delete from lessons where id = any($1::uuid[])
         and not exists (select from jsonb_array_elements_text(plan -> 'players') p where p <> all($2))`,
      [[...lessons], [...players]],
    );
    await tx.query(
      `update lessons set plan = jsonb_set(plan, '{players}', (plan -> 'players') - $1::text[])
       where plan -> 'players' ?| $1::text[]`,
      [[...players]],
    );
    await tx.query('delete from players where id = any($1)', [[...players]]);
    await tx.query('delete from places where id = any($1::uuid[])', [[...places]]);
    await tx.query(`delete from academy where settings ->> 'name' = $1`, [house.name]);
    await tx.query('update tracker set aim = null, aimed_at = null');
  });
}
