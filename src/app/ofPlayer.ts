import { database } from '@/data/database';
import { data } from './data';
import { playerById } from '@/data/players';
import type { Sql } from '@/data/sql/sql';

/**
 * The database itself for what hangs on a player but is in no table that coaches ask: their links. Null for a player whom who asks does
 * not see.
 *
 * @throws NotSignedIn
 */
export async function ofPlayer(id: string): Promise<Sql | null> {
  const { sql } = await data();
  return (await playerById(sql, id)) ? (await database()).sql : null;
}
