import type { Copy, Reason } from '../folder/copies';
import type { Engine } from '../sql/sql';

/** The copies that the product makes of the database in a folder. */
export interface Copies {
  /** The data folder, in which they lie. */
  folder: string;
  /** True when something was written since the last copy of this run. */
  changed: () => boolean;
  /**
   * Makes a copy of the database as it stands.
   *
   * @throws BackupFailed
   */
  make: (reason: Reason) => Promise<Copy>;
  /**
   * Lets every older copy go, and makes a new one: what was erased is in none.
   *
   * @throws BackupFailed when the new one could not be made; the older ones are gone all the same
   */
  renew: () => Promise<void>;
}

/** An open database, its copies, and how to close it. */
export interface Database {
  sql: Engine;
  /** Copies that the product makes itself; null of a server, whose own tools make them. */
  copies: Copies | null;
  close: () => Promise<void>;
}
