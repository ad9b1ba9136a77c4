import path from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { dataFolder } from './dataFolder';
import { migrate } from './migrate';
import { takeFolder } from './ownership';

/** An open database and how to close it. */
export interface Database {
  sql: PGlite;
  close: () => Promise<void>;
}

const DATE = 1082;
const BIGINT = 20;

/**
 * Takes the folder, opens PGlite in it and migrates. Dates come as text, big integers as numbers.
 *
 * @throws FolderInUse when another process holds the folder
 */
export async function openDatabase(folder = dataFolder()): Promise<Database> {
  const ownership = await takeFolder(folder);
  try {
    const sql = await PGlite.create(path.join(folder, 'postgres'), {
      parsers: { [DATE]: (value: string) => value, [BIGINT]: Number },
    });
    await migrate(sql);
    return {
      sql,
      close: async () => {
        if (!sql.closed) await sql.close();
        await ownership.release();
      },
    };
  } catch (error) {
    await ownership.release();
    throw error;
  }
}

/** Where the server keeps its one database: on globalThis, so that a development reload does not open it twice. */
const holder = globalThis as typeof globalThis & { mellowDatabase?: Promise<Database> };

/** The server's database, opened once. */
export function database(): Promise<Database> {
  holder.mellowDatabase ??= openDatabase();
  return holder.mellowDatabase;
}

/** Closes the server's database if it was opened. */
export async function closeDatabase(): Promise<void> {
  const open = holder.mellowDatabase;
  delete holder.mellowDatabase;
  if (open) await (await open).close();
}
