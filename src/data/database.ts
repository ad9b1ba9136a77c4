import { dataFolder } from './dataFolder';
import type { Database } from './opening/database';
import { openFolder, type Disk } from './opening/openFolder';
import { openServer } from './opening/openServer';

/**
 * Opens the database that this machine's settings name: the PostgreSQL server of DATABASE_URL, else the data folder.
 *
 * @param disk what a folder is opened with
 * @throws FolderInUse, FolderUnsound; ServerUnfit, DatabaseAway
 */
export function openDatabase(disk: Disk = {}): Promise<Database> {
  const url = process.env.DATABASE_URL;
  return url ? openServer(url) : openFolder(dataFolder(), disk);
}

/** Where the server keeps its one database: on globalThis, so that a development reload does not open it twice. */
const holder = globalThis as typeof globalThis & { mellowDatabase?: Promise<Database> };

/** Ends the process: a server whose database is dead would answer nothing, and hold what is sent to it. */
function endOf(cause: unknown): void {
  const what = cause instanceof Error ? cause.message : String(cause);
  process.stderr.write(
    `The database has stopped: ${what}\n` +
      'Everything that was said to be saved is on the disk. Make room on the disk if it is full, and start again.\n',
  );
  process.exit(4);
}

/** The server's database, opened once. */
export function database(): Promise<Database> {
  holder.mellowDatabase ??= openDatabase({ died: endOf, copyAtClosing: true });
  return holder.mellowDatabase;
}

/** Closes the server's database if it was opened. */
export async function closeDatabase(): Promise<void> {
  const open = holder.mellowDatabase;
  delete holder.mellowDatabase;
  if (open) await (await open).close();
}
