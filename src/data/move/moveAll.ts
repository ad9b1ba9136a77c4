import { quoted } from '../sql/quoted';
import type { Sql, Transaction } from '../sql/sql';
import { PLAIN_TEXT, sumOf } from './sums';
import { tablesInOrder, type Table } from './tables';

/** Rows that are carried at a time; of those with bytes fewer. */
const AT_ONCE = 1000;
const HEAVY_AT_ONCE = 4;

/** Thrown where nothing was moved, and why. */
export class NotMoved extends Error {
  constructor(why: string) {
    super(`Nothing was moved: ${why}`);
    this.name = 'NotMoved';
  }
}

/** What an empty database holds from its beginning: no row of anybody's. */
const FROM_THE_START = ['tracker'];

/** Told now and then how many rows were carried. */
export type Told = (rows: number) => void;

/** Carries the rows of a table as text, as each database reads and writes them itself. */
async function carry(
  from: Transaction,
  to: Transaction,
  { name, columns, heavy }: Table,
  told: Told,
): Promise<void> {
  const table = quoted(name);
  const texts = columns.map((column) => `${quoted(column.name)}::text`).join(', ');
  const names = columns.map((column) => quoted(column.name)).join(', ');
  const values = columns.map(({ type }, i) => `(line ->> ${i})::${type}`).join(', ');
  await from.exec(
    `declare carried cursor for select json_build_array(${texts})::text as line from ${table}`,
  );
  for (;;) {
    const { rows } = await from.query<{ line: string }>(
      `fetch ${heavy ? HEAVY_AT_ONCE : AT_ONCE} from carried`,
    );
    if (rows.length === 0) break;
    await to.query(
      `insert into ${table} (${names}) overriding system value
       select ${values} from jsonb_array_elements($1::jsonb) line`,
      [`[${rows.map(({ line }) => line).join(',')}]`],
    );
    told(rows.length);
  }
  await from.exec('close carried');
}

/** Where each sequence stands: what is numbered later goes on from there. */
async function carrySequences(from: Transaction, to: Transaction): Promise<void> {
  const { rows } = await from.query<{ name: string }>(
    "select sequencename as name from pg_sequences where schemaname = 'public'",
  );
  for (const { name } of rows) {
    const at = await from.query<{ value: string; called: boolean }>(
      `select last_value::text as value, is_called as called from ${quoted(name)}`,
    );
    const { value, called } = at.rows[0]!;
    await to.query('select setval($1::regclass, $2::bigint, $3)', [quoted(name), value, called]);
  }
}

/**
 * Copies every row of one database into another that holds nothing, counts and sums on both sides, and leaves nothing there unless
 * they agree. Both must be at the same step of their tables.
 *
 * @returns how many rows each table has
 * @throws NotMoved
 */
export function moveAll(
  source: Sql,
  target: Sql,
  told: Told = () => undefined,
): Promise<Record<string, number>> {
  return source.transaction(async (from) => {
    // All that is read is of one moment.
    await from.exec('set transaction isolation level repeatable read, read only');
    await from.exec(PLAIN_TEXT);
    return target.transaction(async (to) => {
      await to.exec(PLAIN_TEXT);
      const tables = await tablesInOrder(from);
      if (JSON.stringify(tables) !== JSON.stringify(await tablesInOrder(to))) {
        throw new NotMoved('the two databases are of different versions.');
      }
      for (const table of tables) {
        if (FROM_THE_START.includes(table.name)) await to.exec(`delete from ${quoted(table.name)}`);
        const { rows } = await sumOf(to, table);
        if (rows > 0) throw new NotMoved(`there are ${table.name} already where it would go.`);
        // What happens by itself when a row is saved has happened to these.
        await to.exec(`alter table ${quoted(table.name)} disable trigger user`);
      }
      const counts: Record<string, number> = {};
      for (const table of tables) {
        await carry(from, to, table, told);
        const [there, here] = [await sumOf(from, table), await sumOf(to, table)];
        if (there.rows !== here.rows || there.sum !== here.sum) {
          throw new NotMoved(
            `of ${there.rows} ${table.name} ${here.rows} arrived, or not as they were.`,
          );
        }
        counts[table.name] = here.rows;
      }
      await carrySequences(from, to);
      for (const { name } of tables)
        await to.exec(`alter table ${quoted(name)} enable trigger user`);
      return counts;
    });
  });
}
