import { open, readdir, stat } from 'node:fs/promises';
import path from 'node:path';

/** How a file or folder is made to outlast a power failure; another one in tests. */
export type Flush = (file: string) => Promise<void>;

/** Asks the system to put what was written to a file on the disk. One that is gone is not needed any more: a checkpoint came between. */
export const flushed: Flush = async (file) => {
  const handle = await open(file, 'r').catch((error: NodeJS.ErrnoException) => {
    if (error.code === 'ENOENT') return null;
    throw error;
  });
  if (!handle) return;
  try {
    await handle.datasync();
  } finally {
    await handle.close();
  }
};

/** Folders of the database besides its log in which a checkpoint leaves what the log need not hold any more. */
const HEAPS = ['base', 'global', 'pg_xact', 'pg_multixact'];

/** Files of a folder that were written since, with their folders' own below them. */
async function writtenSince(folder: string, since: number): Promise<string[]> {
  const entries = await readdir(folder, { withFileTypes: true });
  const found = await Promise.all(
    entries.map(async (entry): Promise<string[]> => {
      const file = path.join(folder, entry.name);
      if (entry.isDirectory()) return writtenSince(file, since);
      const written = await stat(file).catch(() => null);
      return written && written.mtimeMs >= since ? [file] : [];
    }),
  );
  return found.flat();
}

/** The clock of a file system may lag behind the process by this, ms. */
const LAG = 50;

/**
 * Makes what the database has written so far outlast a power failure: its log, and after a checkpoint the tables that the log does not
 * hold any more. The database itself never asks the system for that. Those who ask while one is under way share the next one.
 *
 * @param database the database's folder
 * @returns a function that resolves once all that was written before it was called is on the disk
 */
export function walSync(database: string, flush: Flush = flushed): () => Promise<void> {
  const log = path.join(database, 'pg_wal');
  const control = path.join(database, 'global', 'pg_control');
  let logSince = 0;
  let heapSince = 0;
  let checkpoint = 0;
  let segments = '';

  const sync = async (): Promise<void> => {
    const began = Date.now() - LAG;
    // A clock that was put back dates what is written from now on before what is on the disk already.
    if (began < Math.max(logSince, heapSince)) logSince = heapSince = 0;
    const names = await readdir(log);
    const written = await writtenSince(log, logSince);
    await Promise.all(written.map(flush));
    if (names.join() !== segments) await flush(log);
    const { mtimeMs } = await stat(control);
    if (mtimeMs !== checkpoint) {
      const tables = await Promise.all(
        HEAPS.map((heap) =>
          writtenSince(path.join(/* turbopackIgnore: true */ database, heap), heapSince),
        ),
      );
      for (const file of tables.flat()) await flush(file);
      heapSince = began;
      checkpoint = mtimeMs;
    }
    segments = names.join();
    logSince = began;
  };

  let running: Promise<void> | null = null;
  let next: Promise<void> | null = null;
  const start = (): Promise<void> => {
    running = sync().finally(() => {
      running = null;
    });
    return running;
  };
  return () => {
    if (!running) return start();
    next ??= running
      .catch(() => undefined)
      .then(() => {
        next = null;
        return start();
      });
    return next;
  };
}
