import { setTimeout as wait } from 'node:timers/promises';
import pRetry from 'p-retry';
import { migrate } from '../migrations/migrate';
import { codeOf } from '../sql/codeOf';
import type { Engine } from '../sql/sql';
import { DatabaseAway } from '../server/away';
import { serverEngine } from '../server/serverEngine';
import type { Database } from './database';

/** Oldest PostgreSQL that the product is tried on, as the server numbers itself. */
const OLDEST = 150_000;

/** How long a server is waited for that does not answer yet, and how often it is asked, ms. */
const PATIENCE_MS = 30_000;
const ASK_MS = 500;

/** Thrown for a server that the product cannot use as it is, with what its keeper can do. */
export class ServerUnfit extends Error {
  constructor(what: string, options?: ErrorOptions) {
    super(`The database server cannot be used: ${what}`, options);
    this.name = 'ServerUnfit';
  }
}

/** Waits until the server answers, and is told apart from one that refuses. */
async function answering(sql: Engine, patience: number): Promise<void> {
  const end = Date.now() + patience;
  for (;;) {
    try {
      const { rows } = await sql.query<{ version: number; name: string; encoding: string }>(
        `select current_setting('server_version_num')::int as version, current_setting('server_version') as name,
           current_setting('server_encoding') as encoding`,
      );
      const { version, name, encoding } = rows[0]!;
      if (version < OLDEST)
        throw new ServerUnfit(`it is PostgreSQL ${name}, 15 or later is needed.`);
      if (encoding !== 'UTF8')
        throw new ServerUnfit(
          `the database keeps text as ${encoding}, in which not every name can be written. Make one with: create database NAME owner ROLE ` +
            "template template0 encoding 'UTF8';",
        );
      return;
    } catch (error) {
      if (!(error instanceof DatabaseAway) || Date.now() > end) throw error;
      await wait(ASK_MS);
    }
  }
}

/** PostgreSQL's code for a role that is not known. */
const NO_SUCH_ROLE = '42704';

/**
 * Brings the tables up to date. Roles belong to all databases of a server: where another one makes `mellow_guest` at the same moment, it is
 * there, but not known here until this transaction is over.
 */
const upToDate = (sql: Engine): Promise<unknown> =>
  pRetry(() => migrate(sql), {
    retries: 4,
    minTimeout: 50,
    shouldRetry: ({ error }) => codeOf(error) === NO_SUCH_ROLE,
  });

/** An error of opening in words that the server's keeper can act on. */
function unfit(error: unknown): unknown {
  const said = error instanceof Error ? error.message : String(error);
  switch (codeOf(error)) {
    case '28P01':
    case '28000':
      return new ServerUnfit(`it does not let in the role that DATABASE_URL names (${said}).`);
    case '3D000':
      return new ServerUnfit(`${said}; make it with: create database NAME owner ROLE;`);
    case '42501':
      return new ServerUnfit(
        `the role that DATABASE_URL names may not make the tables and the role mellow_guest (${said}). Its keeper gives it the ` +
          'database and, where it may not make roles: create role mellow_guest nologin; grant mellow_guest to ROLE;',
      );
    default:
      return error;
  }
}

/** How a server is opened. */
export interface Opening {
  /** How long one that does not answer is waited for, ms. */
  patience?: number;
  /** What the lines to it are called there. */
  application?: string;
}

/**
 * Opens a database of a PostgreSQL server, and brings it up to date; other processes may do the same at the same time.
 *
 * @param url of the database, beginning with postgres:// or postgresql://
 * @throws ServerUnfit, DatabaseAway
 */
export async function openServer(
  url: string,
  { patience = PATIENCE_MS, application }: Opening = {},
): Promise<Database> {
  if (!/^postgres(ql)?:\/\//.test(url)) {
    throw new ServerUnfit('DATABASE_URL must begin with postgres:// or postgresql://.');
  }
  const sql = serverEngine(url, application);
  try {
    await answering(sql, patience);
    await upToDate(sql);
    return { sql, copies: null, close: sql.close };
  } catch (error) {
    await sql.close();
    throw unfit(error);
  }
}
