import { PGlite } from '@electric-sql/pglite';
import { dataFolder } from './dataFolder';
import { guarded } from './disk/guarded';
import { logTrim } from './disk/logTrim';
import { checkRows, noteRows } from './folder/rowsAtClosing';
import { roomFor, type Free } from './disk/room';
import { walSync, type Flush } from './disk/walSync';
import { writeBackup } from './backup/backup';
import type { Copy, Reason } from './folder/copies';
import { migrate, mustMigrate } from './migrations/migrate';
import { takeFolder } from './folder/ownership';
import { checkFolder, databaseIn, FolderUnsound, markUsed } from './folder/soundFolder';

/** An open database, its copies, and how to close it. */
export interface Database {
  sql: PGlite;
  folder: string;
  /** True when something was written since the last copy of this run. */
  changed: () => boolean;
  /** Makes a copy of the database as it stands. */
  backup: (reason: Reason) => Promise<Copy>;
  close: () => Promise<void>;
}

const DATE = 1082;
const BIGINT = 20;

/** What a database is opened with; other things in tests. */
export interface Disk {
  flush?: Flush;
  free?: Free;
  /** What becomes of the process when the database has died. */
  died?: (cause: unknown) => void;
  /** Whether a copy is made before the database is closed, where something was written. */
  copyAtClosing?: boolean;
}

/** PGlite in the folder. It dies of a damaged database with a word that tells nobody anything. */
async function opened(
  folder: string,
  { flush, free, died = () => {} }: Disk,
  wrote: () => void,
): Promise<PGlite> {
  try {
    const sql = await PGlite.create(databaseIn(folder), {
      parsers: { [DATE]: (value: string) => value, [BIGINT]: Number },
    });
    const bare = { query: sql.query.bind(sql), exec: sql.exec.bind(sql) };
    const trim = logTrim(bare);
    return guarded(sql, {
      room: roomFor(folder, free),
      synced: walSync(databaseIn(folder), flush),
      after: () => {
        wrote();
        trim();
      },
      died,
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
export async function openDatabase(folder = dataFolder(), disk: Disk = {}): Promise<Database> {
  checkFolder(folder);
  const ownership = await takeFolder(folder);
  try {
    let changed = false;
    const sql = await opened(folder, disk, () => (changed = true));
    const backup = async (reason: Reason): Promise<Copy> => {
      changed = false;
      try {
        return await writeBackup(sql, folder, reason);
      } catch (error) {
        changed = true;
        throw error;
      }
    };
    try {
      await checkRows(sql, folder);
      if (await mustMigrate(sql)) await backup('migration');
      await migrate(sql);
    } catch (error) {
      await sql.close();
      throw error;
    }
    markUsed(folder);
    changed = false;
    return {
      sql,
      folder,
      changed: () => changed,
      backup,
      close: async () => {
        try {
          if (disk.copyAtClosing && changed && !sql.closed) await backup('closing');
          if (!sql.closed) await noteRows(sql, folder);
        } finally {
          if (!sql.closed) await sql.close();
          await ownership.release();
        }
      },
    };
  } catch (error) {
    await ownership.release();
    throw error;
  }
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
  holder.mellowDatabase ??= openDatabase(dataFolder(), { died: endOf, copyAtClosing: true });
  return holder.mellowDatabase;
}

/** Closes the server's database if it was opened. */
export async function closeDatabase(): Promise<void> {
  const open = holder.mellowDatabase;
  delete holder.mellowDatabase;
  if (open) await (await open).close();
}
