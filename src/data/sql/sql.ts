/* The few things that the product asks of its database: PGlite in a folder answers them, and a PostgreSQL server does. */

/** What a statement gave. */
export interface Rows<T> {
  rows: T[];
  /** How many rows were written. */
  affectedRows?: number;
}

/** Statements with their parameters, `$1` and on. */
export interface Tx {
  query<T>(text: string, params?: unknown[]): Promise<Rows<T>>;
}

/** Several statements in one text, without parameters. */
interface Scripts {
  exec(text: string): Promise<unknown>;
}

/** Several statements that are done all or not at all, and how to have none of them. */
export interface Transaction extends Tx, Scripts {
  rollback(): Promise<void>;
}

/**
 * How far work is kept apart from what others do at the same time: as if it were alone, or statement by statement, each of which
 * sees what is there as it begins. The second is for what locks the rows that it goes by itself.
 */
export type Apart = 'alone' | 'by statement';

/** A database: statements each for itself, or several as one. */
export interface Sql extends Tx {
  /** @param apart what writes is alone, unless something else is said; what reads sees one moment anyway */
  query<T>(text: string, params?: unknown[], apart?: Apart): Promise<Rows<T>>;
  /** @param work may be done more than once: a server takes it back where another's work came between */
  transaction<T>(work: (tx: Transaction) => Promise<T>, apart?: Apart): Promise<T>;
}

/** A database as it was opened. */
export interface Engine extends Sql, Scripts {
  /**
   * Hears what is said on a channel with NOTIFY, by any process.
   *
   * @param told what was said
   * @param missed called when the line was lost and is there again: words may have been missed
   * @returns stops it
   */
  listen(
    channel: string,
    told: (word: string) => void,
    missed: () => void,
  ): Promise<() => Promise<void>>;
  close(): Promise<void>;
}
