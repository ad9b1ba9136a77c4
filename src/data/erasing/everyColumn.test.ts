import { aRecord } from '@/core/testing/records';
import type { Sql } from '../sql/sql';
import { quoted } from '../sql/quoted';
import { addPlayers } from '../players';
import { testDatabases } from '../testing/testDatabases';
import { erasePlayer } from './erase';
import { LEFT, textColumns } from './prose';

const opened = testDatabases();

const NAME = 'Zacharias Quillfeather';

interface Column {
  table: string;
  column: string;
  type: string;
  wanted: boolean;
  parent: string | null;
  key: string | null;
}

/** Every column of every table, and what it hangs on. */
const schemaOf = async (sql: Sql): Promise<Map<string, Column[]>> => {
  const { rows } = await sql.query<Column>(
    `select c.relname as table, a.attname as column, format_type(a.atttypid, null) as type,
       a.attnotnull and not a.atthasdef and a.attidentity = '' as wanted, p.relname as parent, k.attname as key
     from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped
     left join pg_constraint f on f.conrelid = c.oid and f.contype = 'f' and f.conkey[1] = a.attnum
     left join pg_class p on p.oid = f.confrelid
     left join pg_attribute k on k.attrelid = f.confrelid and k.attnum = f.confkey[1]
     where c.relkind = 'r' and c.relnamespace = current_schema()::regnamespace order by c.relname, a.attnum`,
  );
  const tables = new Map<string, Column[]>();
  for (const row of rows) tables.set(row.table, [...(tables.get(row.table) ?? []), row]);
  return tables;
};

/** What stands in columns that let only some words in. */
const WORDS: Readonly<Record<string, string>> = {
  handed: 'left',
  skill: 'good',
  role: 'coach',
  source: 'hand',
  decision: 'held',
  units: 'yards',
  usual_miss: 'thin',
  sign_in: 'cora',
};

const JSON_NAMED = JSON.stringify([
  { player: 'bo', [NAME]: [{ deep: `with ${NAME.toUpperCase()}` }] },
]);

/** A value of a type; the name wherever text may stand that is not left. */
function valueOf({ table, column, type }: Column): unknown {
  const left = LEFT.has(`${table}.${column}`);
  if (type === 'jsonb') return left ? '{}' : JSON_NAMED;
  if (/^(text|character)/.test(type)) return left ? (WORDS[column] ?? 'x') : NAME;
  if (type === 'uuid') return '33333333-3333-4333-8333-333333333333';
  if (type === 'bytea') return Buffer.from('x');
  if (/^(date|timestamp)/.test(type)) return '2026-05-01';
  return 1;
}

/** Writes a row into a table whose every text names the player; false where what it hangs on is not there yet. */
async function plant(sql: Sql, columns: Column[]): Promise<boolean> {
  const values: unknown[] = [];
  const told = columns.filter(
    ({ wanted, type, parent }) => wanted || parent || /^(jsonb|text|character)/.test(type),
  );
  for (const column of told) {
    const { parent, key } = column;
    if (!parent) values.push(valueOf(column));
    else {
      const { rows } = await sql.query<{ key: unknown }>(
        `select ${quoted(key!)} as key from ${quoted(parent)} where ${quoted(key!)}::text <> 'zq' limit 1`,
      );
      if (!rows[0]) return false;
      values.push(rows[0].key);
    }
  }
  const names = told.map(({ column }) => quoted(column)).join(', ');
  await sql.query(
    `insert into ${quoted(columns[0]!.table)} (${names}) values (${told.map((_, i) => `$${i + 1}`).join(', ')})
     on conflict do nothing`,
    values,
  );
  return true;
}

test('a name is taken out of every column of every table in which text may stand', async () => {
  const database = await opened('every-column');
  const { sql } = database;
  const tables = await schemaOf(sql);
  await addPlayers(sql, [
    { id: 'zq', ...aRecord({ name: NAME }) },
    { id: 'bo', ...aRecord({ name: 'Bo Ek' }) },
  ]);
  const waiting = new Set([...tables.keys()].filter((table) => table !== 'migrations'));
  for (let round = 0; waiting.size > 0 && round < 9; round++) {
    for (const table of waiting) {
      if (await plant(sql, tables.get(table)!)) waiting.delete(table);
    }
  }
  expect([...waiting]).toEqual([]);
  // Tables of one row have theirs already: they are written to as well.
  for (const { table, column, json } of await textColumns(sql)) {
    await sql.query(
      `update ${quoted(table)} set ${quoted(column)} = $1 where ctid = (select max(ctid) from ${quoted(table)})`,
      [json ? JSON_NAMED : NAME],
    );
  }

  const naming = async (): Promise<string[]> => {
    const found: string[] = [];
    for (const table of tables.keys()) {
      const { rows } = await sql.query<{ all: string }>(
        `select row_to_json(t)::text as all from ${quoted(table)} t where t::text ilike '%quillfeather%'`,
      );
      if (rows.length > 0) found.push(table);
    }
    return found;
  };
  const before = await naming();
  const withText = new Set((await textColumns(sql)).map(({ table }) => table));
  expect(before).toEqual([...new Set([...withText, 'players'])].sort());
  expect(await erasePlayer(database, 'zq')).toBe(true);
  expect(await naming()).toEqual([]);
});

test('what is left is there, and what no text is in', async () => {
  const { sql } = await opened('left');
  const columns = [...(await schemaOf(sql)).values()].flat();
  const known = columns.map(({ table, column }) => `${table}.${column}`);
  expect([...LEFT].filter((each) => !known.includes(each))).toEqual([]);
});
