import { quoted } from '../sql/quoted';
import type { Tx } from '../sql/sql';

/** Rows of each table by its name. */
export type Counts = Record<string, number>;

/** Rows of each of the product's tables, every one read from end to end. */
export async function countsOf(sql: Tx): Promise<Counts> {
  const { rows: tables } = await sql.query<{ name: string }>(
    `select table_name as name from information_schema.tables
     where table_schema = 'public' and table_type = 'BASE TABLE' order by table_name`,
  );
  const counts: Counts = {};
  for (const { name } of tables) {
    const { rows } = await sql.query<{ count: number }>(
      `select count(*)::int as count from ${quoted(name)}`,
    );
    counts[name] = rows[0]!.count;
  }
  return counts;
}
