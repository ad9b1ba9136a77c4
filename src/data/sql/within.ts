import type { Sql, Transaction } from './sql';

/** A transaction as a database: what asks for transactions of its own becomes a part of this one. */
export const within = (tx: Transaction): Sql => ({
  query: (text, params) => tx.query(text, params),
  transaction: (work) => work(tx),
});
