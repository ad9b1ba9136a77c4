/* The few things that the product asks of its database: what stands behind them may be any PostgreSQL. */

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

/** Several statements that are done all or not at all, and how to have none of them. */
export interface Transaction extends Tx {
  rollback(): Promise<void>;
}

/** A database: statements each for itself, or several as one. */
export interface Sql extends Tx {
  transaction<T>(work: (tx: Transaction) => Promise<T>): Promise<T>;
}
