import { quoted } from '../sql/quoted';
import type { Transaction } from '../sql/sql';
import type { Table } from './tables';

/** Rows that are carried at a time; of those with bytes fewer. */
const AT_ONCE = 1000;
const HEAVY_AT_ONCE = 4;

/** The rows of a table, some at a time: each the text of an array of texts, as the database writes its values itself. */
export async function* readRows(
  from: Transaction,
  { name, columns, heavy }: Table,
): AsyncGenerator<string[]> {
  const texts = columns.map((column) => `${quoted(column.name)}::text`).join(', ');
  await from.exec(
    `declare carried cursor for select json_build_array(${texts})::text as line from ${quoted(name)}`,
  );
  for (;;) {
    const { rows } = await from.query<{ line: string }>(
      `fetch ${heavy ? HEAVY_AT_ONCE : AT_ONCE} from carried`,
    );
    if (rows.length === 0) break;
    yield rows.map(({ line }) => line);
  }
  await from.exec('close carried');
}

/** Puts rows into a table as {@link readRows} gives them. */
export async function putRows(
  to: Transaction,
  { name, columns }: Table,
  lines: readonly string[],
): Promise<void> {
  const names = columns.map((column) => quoted(column.name)).join(', ');
  const values = columns.map(({ type }, i) => `(line ->> ${i})::${type}`).join(', ');
  await to.query(
    `insert into ${quoted(name)} (${names}) overriding system value
     select ${values} from jsonb_array_elements($1::jsonb) line`,
    [`[${lines.join(',')}]`],
  );
}

/** Where a sequence stands. */
export interface SequenceAt {
  name: string;
  value: string;
  called: boolean;
}

/** Where each sequence stands. */
export async function readSequences(from: Transaction): Promise<SequenceAt[]> {
  const { rows } = await from.query<{ name: string }>(
    "select sequencename as name from pg_sequences where schemaname = 'public' order by 1",
  );
  const all: SequenceAt[] = [];
  for (const { name } of rows) {
    const at = await from.query<Omit<SequenceAt, 'name'>>(
      `select last_value::text as value, is_called as called from ${quoted(name)}`,
    );
    all.push({ name, ...at.rows[0]! });
  }
  return all;
}

/** Sets each sequence where it stood: what is numbered later goes on from there. */
export async function putSequences(
  to: Transaction,
  sequences: readonly SequenceAt[],
): Promise<void> {
  for (const { name, value, called } of sequences) {
    await to.query('select setval($1::regclass, $2::bigint, $3)', [quoted(name), value, called]);
  }
}

/** Does something while what happens by itself when a row is saved does not: it has happened to the rows that are put in. */
export async function withoutTriggers(
  to: Transaction,
  tables: readonly Table[],
  work: () => Promise<void>,
): Promise<void> {
  for (const { name } of tables) await to.exec(`alter table ${quoted(name)} disable trigger user`);
  await work();
  for (const { name } of tables) await to.exec(`alter table ${quoted(name)} enable trigger user`);
}
