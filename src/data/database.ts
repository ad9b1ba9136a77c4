import { PGlite } from '@electric-sql/pglite';
import { dataFolder } from './dataFolder';
import { migrate } from './migrate';
import { takeFolder } from './ownership';
import { checkFolder, databaseIn, FolderUnsound, markUsed } from './soundFolder';

/** An open database and how to close it. */
export interface Database {
  sql: PGlite;
  close: () => Promise<void>;
}

const DATE = 1082;
const BIGINT = 20;

/** PGlite in the folder. It dies of a damaged database with a word that tells nobody anything. */
async function opened(folder: string): Promise<PGlite> {
  try {
    return await PGlite.create(databaseIn(folder), {
      parsers: { [DATE]: (value: string) => value, [BIGINT]: Number },
    });
  } catch (cause) {
    throw new FolderUnsound(folder, 'its database is damaged and does not open.', { cause });
  }
}

/**
 * Takes the folder, opens PGlite in it and migrates. Dates come as text, big integers as numbers.
 *
 * @throws FolderInUse when another process holds the folder, FolderUnsound when it is not as the product left it
 */
export async function openDatabase(folder = dataFolder()): Promise<Database> {
  checkFolder(folder);
  const ownership = await takeFolder(folder);
  try {
    const sql = await opened(folder);
    await migrate(sql);
    markUsed(folder);
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
