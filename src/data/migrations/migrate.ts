import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import type { Sql, Tx } from '../sql/sql';

/** A numbered step of the schema. */
export interface Migration {
  number: number;
  name: string;
  sql: string;
}

/** Folder of the migrations that ship with the product. */
export const MIGRATIONS_FOLDER = path.join(process.cwd(), 'src', 'data', 'migrations');

/**
 * Reads the migrations of a folder: files named 001_what.sql, numbered from 1 without gaps.
 *
 * @throws Error when a number is missing or doubled
 */
export function readMigrations(folder = MIGRATIONS_FOLDER): Migration[] {
  const migrations = readdirSync(/* turbopackIgnore: true */ folder)
    .filter((file) => /^\d{3}_.+\.sql$/.test(file))
    .sort()
    .map((file) => ({
      number: Number(file.slice(0, 3)),
      name: file.replace(/\.sql$/, ''),
      sql: readFileSync(path.join(/* turbopackIgnore: true */ folder, file), 'utf8'),
    }));
  migrations.forEach(({ number, name }, i) => {
    if (number !== i + 1) throw new Error(`migration ${name}: number ${i + 1} was expected`);
  });
  return migrations;
}

/** True of a database that was migrated before, and is not at the last step: a copy is made of it first. */
export async function mustMigrate(
  db: Tx,
  migrations: readonly Migration[] = readMigrations(),
): Promise<boolean> {
  const { rows } = await db.query<{ known: boolean }>(
    "select to_regclass('public.migrations') is not null as known",
  );
  if (!rows[0]!.known) return false;
  const { rows: applied } = await db.query<{ newest: number | null }>(
    'select max(number) as newest from migrations',
  );
  return (applied[0]!.newest ?? 0) < migrations.length;
}

/** The lock that one process at a time holds while it changes the tables. */
const LOCK = 60_217_117;

/**
 * Brings the schema up to date in one transaction that also records the steps: all of them or none. Of several processes that would do it
 * at the same time one does it, and the others find it done.
 *
 * @returns the names of those that ran
 * @throws Error when the database is newer than the product
 */
export function migrate(
  db: Pick<Sql, 'transaction'>,
  migrations: readonly Migration[] = readMigrations(),
): Promise<string[]> {
  return db.transaction(async (tx) => {
    // Whoever waited for the lock must see what was done meanwhile.
    await tx.exec('set transaction isolation level read committed');
    await tx.query('select pg_advisory_xact_lock($1)', [LOCK]);
    await tx.exec(`create table if not exists migrations (
      number integer primary key, name text not null, applied_at timestamptz not null default now())`);
    const { rows } = await tx.query<{ number: number }>('select number from migrations');
    const applied = new Set(rows.map(({ number }) => number));
    const newest = Math.max(0, ...applied);
    if (newest > migrations.length) {
      throw new Error(
        `The data is at step ${newest}, this version knows ${migrations.length}: use a newer version.`,
      );
    }
    const missing = migrations.filter(({ number }) => !applied.has(number));
    for (const { number, name, sql } of missing) {
      await tx.exec(sql);
      await tx.query('insert into migrations (number, name) values ($1, $2)', [number, name]);
    }
    return missing.map(({ name }) => name);
  });
}
