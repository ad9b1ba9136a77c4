import type { PGlite } from '@electric-sql/pglite';
import { renewBackups, writeBackup } from '../backup/backup';
import { guarded } from '../disk/guarded';
import { logTrim } from '../disk/logTrim';
import { roomFor, type Free } from '../disk/room';
import { walSync, type Flush } from '../disk/walSync';
import { migrate, mustMigrate } from '../migrations/migrate';
import { PARSERS } from '../sql/parsers';
import { openPGlite } from '../sql/pglite';
import type { Engine } from '../sql/sql';
import type { Copy, Reason } from '../folder/copies';
import { takeFolder } from '../folder/ownership';
import { checkRows, noteRows } from '../folder/rowsAtClosing';
import { checkFolder, databaseIn, FolderUnsound, markUsed } from '../folder/soundFolder';
import type { Copies, Database } from './database';

/** An open database in a folder. */
export interface FolderDatabase extends Database {
  copies: Copies;
}

/** PGlite as the product asks it. Its line to what is said on a channel is in this process: it is never lost. */
const engineOf = (sql: PGlite): Engine => ({
  query: (text, params) => sql.query(text, params),
  exec: (text) => sql.exec(text),
  transaction: (work) => sql.transaction(work),
  listen: (channel, told) => sql.listen(channel, told),
  close: () => sql.close(),
});

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
    const sql = await openPGlite(databaseIn(folder), { parsers: { ...PARSERS } });
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
export async function openFolder(folder: string, disk: Disk = {}): Promise<FolderDatabase> {
  checkFolder(folder);
  const ownership = await takeFolder(folder);
  try {
    let changed = false;
    const sql = await opened(folder, disk, () => (changed = true));
    const make = async (reason: Reason): Promise<Copy> => {
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
      if (await mustMigrate(sql)) await make('migration');
      await migrate(sql);
    } catch (error) {
      await sql.close();
      throw error;
    }
    markUsed(folder);
    changed = false;
    return {
      sql: engineOf(sql),
      copies: { folder, changed: () => changed, make, renew: () => renewBackups(sql, folder) },
      close: async () => {
        try {
          if (disk.copyAtClosing && changed && !sql.closed) await make('closing');
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
