import type { Sql, Tx } from './sql/sql';
import type { BunkerTest, StoredTest } from '@/core/lesson/bunkerTest/test';
import { inRoster, mayBeSaved } from './standing';

const SELECT = `
  select t.id, t.test, p.name as "playerName"
  from bunker_tests t join players p on p.id = t.player_id and p.deleted_at is null`;

/** Tests that are not deleted, the latest first; of one player when an id is given. */
export async function listTests(db: Sql, playerId?: string, most = 200): Promise<StoredTest[]> {
  const { rows } = await db.query<StoredTest>(
    `${SELECT} where t.deleted_at is null and ($1::text is null or t.player_id = $1)
     order by t.held_on desc, t.created_at desc limit $2`,
    [playerId ?? null, most],
  );
  return rows;
}

/** One test; null when there is none. */
export async function testById(db: Sql, id: string): Promise<StoredTest | null> {
  const { rows } = await db.query<StoredTest>(
    `${SELECT} where t.id = $1 and t.deleted_at is null`,
    [id],
  );
  return rows[0] ?? null;
}

/**
 * Saves a test under its id, new or in place of what it was.
 *
 * @throws FaultyInput when the player is not in the roster, or is another's, or the test was deleted
 */
export function saveTest(db: Sql, id: string, test: BunkerTest): Promise<void> {
  return db.transaction(async (tx) => {
    await mayBeSaved(tx, 'bunker_tests', id, test.player);
    await storeTest(tx, id, test);
  });
}

/** Writes a test under its id. Throws FaultyInput when the player is not in the roster. */
async function storeTest(tx: Pick<Tx, 'query'>, id: string, test: BunkerTest): Promise<void> {
  const { rows } = await tx.query(
    `insert into bunker_tests (id, player_id, held_on, test)
     select $1, id, $3, $4 from players where id = $2 and deleted_at is null
     on conflict (id) do update set held_on = excluded.held_on, test = excluded.test returning id`,
    [id, test.player, test.held_on, JSON.stringify(test)],
  );
  inRoster(rows, test.player);
}

/** Marks a test as deleted, or as not; false when there is none. */
export async function setTestDeleted(db: Sql, id: string, deleted: boolean): Promise<boolean> {
  const { rows } = await db.query(
    'update bunker_tests set deleted_at = case when $2 then now() end where id = $1 returning id',
    [id, deleted],
  );
  return rows.length > 0;
}

/** Takes tests of a player's file that are not here yet. */
export async function takeTests(
  tx: Pick<Tx, 'query'>,
  filed: readonly Pick<StoredTest, 'id' | 'test'>[],
): Promise<void> {
  for (const { id, test } of filed) {
    const { rows } = await tx.query(
      'update bunker_tests set deleted_at = null where id = $1 returning id',
      [id],
    );
    if (rows.length === 0) await storeTest(tx, id, test);
  }
}
