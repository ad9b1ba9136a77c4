import { fact } from '@/core/ground/fact/fact';
import { Refusal } from '@/core/contract/check/refusal';
import { mkdirSync, rmSync } from 'node:fs';
import { open, rename } from 'node:fs/promises';
import path from 'node:path';
import { Worker } from 'node:worker_threads';
import type { PGlite } from '@electric-sql/pglite';
import { countsOf, type Counts } from '../disk/rows';
import { backupsIn, copiesIn, nameOf, outlived, type Copy, type Reason } from '../folder/copies';
import { comingIn, movedAside } from '../folder/soundFolder';

/** Thrown when a copy could not be made, or is not what it should be. */
export class BackupFailed extends Refusal {
  constructor(what: string, options?: ErrorOptions) {
    super(fact('server.backupFailed', { what }), 'backup', 507, options);
  }
}

/** The thread in which a copy is opened: by its place under the folder that the product runs in. */
const counter = (): string =>
  path.join(/* turbopackIgnore: true */ process.cwd(), 'src', 'data', 'backup', 'countCopy.mjs');

/**
 * Opens a copy in memory, in a thread of its own, and counts its rows: it can be read from end to end.
 *
 * @throws BackupFailed when it cannot
 */
export async function countsInCopy(file: string): Promise<Counts> {
  const thread = new Worker(/* turbopackIgnore: true */ counter(), { workerData: file });
  try {
    return await new Promise<Counts>((resolve, reject) => {
      thread.once('message', resolve);
      thread.once('error', reject);
      thread.once('exit', (code) => reject(new Error(`the thread ended with ${code}`)));
    });
  } catch (cause) {
    throw new BackupFailed(`${path.basename(file)} cannot be opened.`, { cause });
  } finally {
    await thread.terminate();
  }
}

/** True when a copy holds as many rows of everything as there were before it was made, after it, or in between. */
const holds = (copy: Counts, before: Counts, after: Counts): boolean =>
  Object.keys({ ...before, ...after, ...copy }).every((table) => {
    const [low, high] = [before[table] ?? 0, after[table] ?? 0].sort((a, b) => a - b);
    const count = copy[table] ?? -1;
    return low! <= count && count <= high!;
  });

/**
 * Copies the database into the folder's own backups, opens the copy, counts it against the original, and lets copies go that were outlived.
 *
 * @param sql the folder's database
 * @throws BackupFailed when it could not be made; the copies that are there stay
 */
export async function writeBackup(
  sql: PGlite,
  folder: string,
  reason: Reason,
  at = new Date(),
): Promise<Copy> {
  const backups = backupsIn(folder);
  mkdirSync(backups, { recursive: true, mode: 0o700 });
  const copy: Copy = { file: nameOf(at, reason), at, reason };
  const unproven = path.join(backups, `${copy.file}.unproven`);
  try {
    const before = await countsOf(sql);
    const dump = await sql.dumpDataDir('gzip');
    const handle = await open(unproven, 'w', 0o600);
    await handle.writeFile(new Uint8Array(await dump.arrayBuffer()));
    await handle.sync();
    await handle.close();
    const after = await countsOf(sql);
    if (!holds(await countsInCopy(unproven), before, after)) {
      throw new BackupFailed('it does not hold what the original holds.');
    }
    await rename(unproven, path.join(backups, copy.file));
  } catch (cause) {
    rmSync(unproven, { force: true });
    if (cause instanceof BackupFailed) throw cause;
    throw new BackupFailed(cause instanceof Error ? cause.message : String(cause), { cause });
  }
  for (const { file } of outlived(copiesIn(folder))) rmSync(path.join(backups, file));
  return copy;
}

/**
 * Lets every older copy go, databases that were moved aside as well, and makes a new one: what was erased is in none of them.
 *
 * @throws BackupFailed when the new one could not be made; the older ones are gone all the same
 */
export async function renewBackups(sql: PGlite, folder: string): Promise<void> {
  const old = copiesIn(folder);
  for (const { file } of old) rmSync(path.join(backupsIn(folder), file));
  for (const other of [...movedAside(folder), comingIn(folder)]) {
    rmSync(other, { recursive: true, force: true });
  }
  if (old.length > 0) await writeBackup(sql, folder, 'asked');
}
