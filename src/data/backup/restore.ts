import { existsSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { forgetRows } from '../folder/rowsAtClosing';
import { takeFolder } from '../folder/ownership';
import { databaseIn, markUsed } from '../folder/soundFolder';
import { migrate } from '../migrations/migrate';
import { openPGlite } from '../sql/pglite';
import { countsOf, type Counts } from '../disk/rows';
import { stampOf } from '../folder/copies';
import { unpacked } from './archive';
import { ASIDE, countsInCopy } from './backup';

/** What was put back, and where the database that stood there lies now; null where there was none. */
export interface Restored {
  counts: Counts;
  replaced: string | null;
}

/**
 * Puts a copy in the place of a folder's database, which is moved aside, not deleted. The copy is opened and counted before anything is
 * touched, and after.
 *
 * @throws BackupFailed when the copy cannot be opened, FolderInUse when a process holds the folder; nothing is changed then
 */
export async function restoreBackup(
  file: string,
  folder: string,
  at = new Date(),
): Promise<Restored> {
  await countsInCopy(file);
  const ownership = await takeFolder(folder);
  const database = databaseIn(folder);
  const aside = path.join(folder, `${ASIDE}${stampOf(at)}`);
  try {
    const held = existsSync(database);
    if (held) renameSync(database, aside);
    try {
      const sql = await openPGlite(database, {
        loadDataDir: await unpacked(file),
      });
      await migrate(sql);
      const counts = await countsOf(sql);
      await sql.close();
      forgetRows(folder);
      markUsed(folder);
      return { counts, replaced: held ? path.basename(aside) : null };
    } catch (error) {
      rmSync(database, { recursive: true, force: true });
      if (held) renameSync(aside, database);
      throw error;
    }
  } finally {
    await ownership.release();
  }
}
