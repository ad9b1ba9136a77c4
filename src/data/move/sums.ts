import type { Tx } from '../sql/sql';
import { quoted } from '../sql/quoted';
import type { Table } from './tables';

/** How many rows a table has, and a sum over what they say, in whatever order they lie. */
export interface Sum {
  rows: number;
  sum: string;
}

/** How values are written as text, for this transaction: the same in every database. */
export const PLAIN_TEXT = `
  set local timezone = 'UTC'; set local datestyle = 'ISO, YMD'; set local intervalstyle = 'postgres';
  set local extra_float_digits = 1; set local bytea_output = 'hex'`;

/** The rows of a table, counted and summed: MD5 of the sorted MD5s of the rows as text. */
export async function sumOf(tx: Tx, { name, columns }: Table): Promise<Sum> {
  const row = columns.map((column) => quoted(column.name)).join(', ');
  const { rows } = await tx.query<Sum>(
    `select count(*)::int as rows, md5(coalesce(string_agg(one, '' order by one collate "C"), '')) as sum
     from (select md5(row(${row})::text) as one from ${quoted(name)}) each`,
  );
  return rows[0]!;
}

/** True of two tables that hold the same; of none where one is not known. */
export const isSame = (there: Sum | undefined, here: Sum): boolean =>
  there?.rows === here.rows && there.sum === here.sum;
