import type { Tx } from '../sql/sql';

/** A table of the product: its columns in their order, with their types as the database writes them. */
export interface Table {
  name: string;
  columns: { name: string; type: string }[];
  /** Whether it holds bytes, of which a row may have many. */
  heavy: boolean;
}

/** What an empty database holds from its beginning: no row of anybody's. */
export const FROM_THE_START: readonly string[] = ['tracker'];

/** The tables with what they point at, each table's own steps apart: those are the same wherever the tables are. */
async function described(sql: Tx): Promise<(Table & { needs: string[] })[]> {
  const { rows } = await sql.query<Table & { needs: string[] }>(
    `select c.relname as name,
       (select jsonb_agg(jsonb_build_object('name', a.attname, 'type', format_type(a.atttypid, a.atttypmod)) order by a.attnum)
        from pg_attribute a where a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped and a.attgenerated = '') as columns,
       exists (select from pg_attribute a where a.attrelid = c.oid and a.atttypid = 'bytea'::regtype) as heavy,
       array(select distinct f.relname::text from pg_constraint k join pg_class f on f.oid = k.confrelid
        where k.conrelid = c.oid and k.contype = 'f' and f.oid <> c.oid) as needs
     from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' and c.relname <> 'migrations'
     order by c.relname`,
  );
  return rows;
}

/** The product's tables in an order in which rows can be put in: each after those that it points at. */
export async function tablesInOrder(sql: Tx): Promise<Table[]> {
  let left = await described(sql);
  const ordered: Table[] = [];
  while (left.length > 0) {
    const names = new Set(left.map(({ name }) => name));
    const free = left.filter(({ needs }) => !needs.some((need) => names.has(need)));
    if (free.length === 0) throw new Error('tables point at each other in a ring');
    ordered.push(...free.map(({ name, columns, heavy }) => ({ name, columns, heavy })));
    left = left.filter((table) => !free.includes(table));
  }
  return ordered;
}
