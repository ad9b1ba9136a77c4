import type { LogEntry } from '@/core/lesson/coaches/listed';
import type { Tx } from '../sql/sql';

/** Entries that are kept. */
const KEPT = 5000;

/** Longest name of a device that is kept. */
const LONGEST = 120;

/** Notes something in the log; the oldest entries go. */
export async function note(
  tx: Tx,
  what: string,
  { account = null, device = '' }: { account?: string | null; device?: string } = {},
): Promise<void> {
  await tx.query('insert into security_log (account_id, what, device) values ($1, $2, $3)', [
    account,
    what,
    device.slice(0, LONGEST),
  ]);
  await tx.query(`delete from security_log where id <= (select max(id) - $1 from security_log)`, [
    KEPT,
  ]);
}

/** The log, the latest first. */
export async function listLog(tx: Tx, limit = 200): Promise<LogEntry[]> {
  const { rows } = await tx.query<LogEntry>(
    `select to_char(g.happened_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS"Z"') as at, a.name, g.what, g.device
     from security_log g left join accounts a on a.id = g.account_id order by g.id desc limit $1`,
    [limit],
  );
  return rows;
}
