import type { Engine, Tx } from '../sql/sql';

/** Writes between two looks at the length of the log. */
const EVERY = 100;

/** A log longer than this is cut, bytes. */
const MOST = 48 * 1024 * 1024;

/**
 * Keeps the log of the database short while it runs: without a server process of its own it would never do so, and a long day of lessons
 * would fill gigabytes.
 *
 * @param sql the database, its guards apart: a cut is no write that anybody waits for
 * @returns a function to be called after each write; what it does goes on by itself
 */
export function logTrim(sql: Tx & Pick<Engine, 'exec'>, every = EVERY, most = MOST): () => void {
  let writes = 0;
  let cutting = false;
  const cut = async (): Promise<void> => {
    const { rows } = await sql.query<{ length: number }>(
      `select pg_wal_lsn_diff(pg_current_wal_lsn(), redo_lsn)::float8 as length
       from pg_control_checkpoint()`,
    );
    if (rows[0]!.length > most) await sql.exec('checkpoint');
  };
  return () => {
    writes += 1;
    if (cutting || writes % every !== 0) return;
    cutting = true;
    // What goes wrong here is met by the next write, and told there.
    cut()
      .catch(() => undefined)
      .finally(() => {
        cutting = false;
      });
  };
}
