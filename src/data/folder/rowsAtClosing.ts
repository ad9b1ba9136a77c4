import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { Tx } from '../sql/sql';
import { countsOf, type Counts } from '../disk/rows';
import { FolderUnsound } from './soundFolder';

const fileIn = (folder: string): string => path.join(folder, 'rows-at-closing.json');

/** Writes down how many rows each table has as the database is closed. */
export async function noteRows(sql: Tx, folder: string): Promise<void> {
  writeFileSync(fileIn(folder), JSON.stringify(await countsOf(sql)), { mode: 0o600 });
}

/** Forgets what was written down: another database stands there now. */
export const forgetRows = (folder: string): void => rmSync(fileIn(folder), { force: true });

/** What was written down; null where the database was not closed in order. */
function rowsNoted(folder: string): Counts | null {
  const file = fileIn(folder);
  if (!existsSync(file)) return null;
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as Counts;
  } catch {
    return null;
  }
}

/**
 * Reads every table from end to end, which tells a page that was damaged by its checksum, and holds the rows against those that were
 * there when the database was closed, which tells a table that was cut. What was written down counts once.
 *
 * @throws FolderUnsound with what is missing
 */
export async function checkRows(sql: Tx, folder: string): Promise<void> {
  let counts: Counts;
  try {
    counts = await countsOf(sql);
  } catch (cause) {
    throw new FolderUnsound(folder, 'its database is damaged: not every row can be read.', {
      cause,
    });
  }
  const noted = rowsNoted(folder) ?? {};
  const lost = Object.entries(noted)
    .filter(([table, rows]) => (counts[table] ?? 0) < rows)
    .map(([table, rows]) => `${counts[table] ?? 0} of ${rows} ${table}`);
  if (lost.length > 0) {
    throw new FolderUnsound(
      folder,
      `it has lost rows since it was closed; left are ${lost.join(', ')}.`,
    );
  }
  forgetRows(folder);
}
