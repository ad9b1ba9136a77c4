import { database } from '@/data/database';
import { playerById } from '@/data/players';
import type { Sql } from '@/data/sql/sql';

/**
 * The database itself for what hangs on a player but is in no table that coaches ask: their links. Null for a player whom who asks does
 * not see.
 *
 * @param seen the data as who asks sees it
 */
export async function ofPlayer(seen: { sql: Sql }, id: string): Promise<{ sql: Sql } | null> {
  if (!(await playerById(seen.sql, id))) return null;
  return { sql: (await database()).sql };
}
