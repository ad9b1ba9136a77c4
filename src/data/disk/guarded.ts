import type { PGlite } from '@electric-sql/pglite';
import { withoutValues } from '../sql/withoutValues';
import { writes } from '../sql/writes';

/** What stands between the product and its database. */
export interface Guards {
  /** Before a write: throws where there is no room for it. */
  room: () => Promise<void>;
  /** After a write: resolves once it is on the disk. */
  synced: () => Promise<void>;
  /** After a write was answered: what may be done now and then. */
  after: () => void;
  /** The database has died, and with it whoever waits for it. */
  died: (cause: unknown) => void;
}

/** Whether anything was written. */
interface Noted {
  written: boolean;
}

/** Severities after which the database answers nothing any more. */
const DEADLY = new Set(['FATAL', 'PANIC']);

/** True of an error that the database does not survive: its own word for it, or one of the machine that it runs in. */
export function isDeadly(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const { severity } = error as Error & { severity?: string };
  if (severity !== undefined) return DEADLY.has(severity);
  return (
    error instanceof WebAssembly.RuntimeError ||
    /Aborted\(|unreachable|out of bounds|ENOSPC|EIO|EROFS/.test(error.message)
  );
}

/**
 * A database whose writes are let in only where there is room, and are answered only once they are on the disk; the end of the database
 * is told at once. The same object, with its ways in replaced.
 */
export function guarded(sql: PGlite, { room, synced, after, died }: Guards): PGlite {
  /** Does work that notes whether it has written. */
  const within = async <T>(work: (noted: Noted) => Promise<T>): Promise<T> => {
    const noted = { written: false };
    try {
      const answer = await work(noted);
      if (!noted.written) return answer;
      await synced();
      after();
      return answer;
    } catch (error) {
      if (isDeadly(error)) died(error);
      withoutValues(error);
      throw error;
    }
  };
  const query = sql.query.bind(sql);
  const exec = sql.exec.bind(sql);
  const transaction = sql.transaction.bind(sql);
  /** Lets a statement in; the first that writes where there is room alone. */
  const letIn = async (text: string, noted: Noted): Promise<void> => {
    if (noted.written || !writes(text)) return;
    await room();
    noted.written = true;
  };
  sql.query = (text, ...rest) =>
    within((noted) => letIn(text, noted).then(() => query(text, ...rest)));
  sql.exec = (text, ...rest) =>
    within((noted) => letIn(text, noted).then(() => exec(text, ...rest)));
  // Whoever may not see everything asks within transactions: most of those read alone.
  sql.transaction = (work) =>
    within((noted) =>
      transaction((tx) => {
        const inside = { query: tx.query.bind(tx), exec: tx.exec.bind(tx) };
        tx.query = (text, ...rest) => letIn(text, noted).then(() => inside.query(text, ...rest));
        tx.exec = (text, ...rest) => letIn(text, noted).then(() => inside.exec(text, ...rest));
        return work(tx);
      }),
    );
  return sql;
}
