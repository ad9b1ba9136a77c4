import { existsSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { forgetRows } from '../folder/rowsAtClosing';
import { takeFolder } from '../folder/ownership';
import { asideIn, comingIn, databaseIn, markUsed } from '../folder/soundFolder';
import { migrate } from '../migrations/migrate';
import { openPGlite } from '../sql/pglite';
import { countsOf, type Counts } from '../disk/rows';
import { stampOf } from '../folder/copies';
import { unpacked } from './archive';
import { countsInCopy } from './backup';

/** What was put back, and where the database that stood there lies now; null where there was none. */
export interface Restored {
  counts: Counts;
  replaced: string | null;
}

/**
 * Puts a copy in the place of a folder's database, which is moved aside, not deleted. The copy is opened, brought up to date and counted
 * beside it before anything is touched; then the two change places. Killed between the two moves, the next start says where both are.
 *
 * @param between called between the two moves, in tests
 * @throws BackupFailed when the copy cannot be opened, FolderInUse when a process holds the folder; nothing is changed then
 */
export async function restoreBackup(
  file: string,
  folder: string,
  at = new Date(),
  between: () => void = () => undefined,
): Promise<Restored> {
  await countsInCopy(file);
  const ownership = await takeFolder(folder);
  const database = databaseIn(folder);
  const coming = comingIn(folder);
  const aside = `${asideIn(folder)}${stampOf(at)}`;
  try {
    const counts = await unpackedAt(file, coming);
    forgetRows(folder);
    const held = existsSync(database);
    if (held) renameSync(database, aside);
    between();
    renameSync(coming, database);
    markUsed(folder);
    return { counts, replaced: held ? path.basename(aside) : null };
  } finally {
    await ownership.release();
  }
}

/** Makes a database of a copy, brings it up to date and counts its rows. */
async function unpackedAt(file: string, place: string): Promise<Counts> {
  rmSync(place, { recursive: true, force: true });
  try {
    const sql = await openPGlite(place, { loadDataDir: await unpacked(file) });
    await migrate(sql);
    const counts = await countsOf(sql);
    await sql.close();
    return counts;
  } catch (error) {
    rmSync(place, { recursive: true, force: true });
    throw error;
  }
}
