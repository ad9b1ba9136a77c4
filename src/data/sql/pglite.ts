import { PGlite, type PGliteOptions } from '@electric-sql/pglite';

/**
 * Room for pages of tables in memory. PostgreSQL's own 128 MB are laid out anew at each opening, which takes a third of it; a
 * coach's years fit into this.
 */
const BUFFERS = '32MB';

/**
 * Opens PGlite.
 *
 * @param folder in which it lies; in memory when absent
 */
export const openPGlite = (folder?: string, options: PGliteOptions = {}): Promise<PGlite> =>
  PGlite.create({
    ...options,
    ...(folder === undefined ? {} : { dataDir: folder }),
    startParams: [...PGlite.defaultStartParams, '-c', `shared_buffers=${BUFFERS}`],
  });
