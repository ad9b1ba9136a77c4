import { fact } from '@/core/ground/fact/fact';
import type { AccountRecord, ListedAccount, NewAccount, Role } from '@/core/lesson/coaches/account';
import { faulty } from '@/core/contract/check/fault';
import type { Sql, Tx } from '../sql/sql';
import { note } from './log';
import { forgetTries, nameTrying } from './tries';
import { hashed } from './passphrase';

/** Whose doing it is: an account by its id; null for a command on this machine. */
type By = string | null;

/** Whether a passphrase is somebody else's gift: whoever may do everything and sets it up on this machine gives it to themselves. */
const isGiven = (role: Role, by: By): boolean => by !== null || role !== 'head-coach';

/** Holds whoever changes accounts at the same time, until this is done. */
const alone = (tx: Tx): Promise<unknown> => tx.query('lock table accounts in exclusive mode');

async function refuseTaken(tx: Tx, signIn: string, id: string | null): Promise<void> {
  const { rows } = await tx.query(
    'select 1 from accounts where sign_in = $1 and ended_at is null and id is distinct from $2',
    [signIn, id],
  );
  if (rows.length > 0) throw faulty('sign_in', fact('account.nameTaken', { signIn }));
}

/** Refuses what leaves nobody who may do everything. */
async function refuseHeadless(tx: Tx): Promise<void> {
  const { rows } = await tx.query(
    `select 1 from accounts where role = 'head-coach' and ended_at is null`,
  );
  if (rows.length === 0) throw faulty('role', fact('account.lastHeadCoach'));
}

/** Accounts that have not ended, head coaches first. */
export async function listAccounts(sql: Tx): Promise<ListedAccount[]> {
  const { rows } = await sql.query<ListedAccount>(
    `select a.id, a.sign_in, a.name, a.role,
       to_char(max(s.used_at) at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS"Z"') as "usedAt",
       count(s.id) filter (where s.ends_at > now()) as sessions
     from accounts a left join sessions s on s.account_id = a.id where a.ended_at is null
     group by a.id order by array_position(array['head-coach', 'coach', 'assistant'], a.role), lower(a.name), a.id`,
  );
  return rows;
}

/** True when somebody may sign in who may do everything. */
export async function hasHeadCoach(sql: Tx): Promise<boolean> {
  const { rows } = await sql.query(
    `select 1 from accounts where role = 'head-coach' and ended_at is null limit 1`,
  );
  return rows.length > 0;
}

/** Adds an account. @throws FaultyInput when the name for signing in is taken */
export async function addAccount(
  sql: Sql,
  { passphrase, ...account }: NewAccount,
  by: By,
): Promise<string> {
  const kept = await hashed(passphrase);
  return sql.transaction(async (tx) => {
    await alone(tx);
    await refuseTaken(tx, account.sign_in, null);
    const { rows } = await tx.query<{ id: string }>(
      'insert into accounts (sign_in, name, role, passphrase, given) values ($1, $2, $3, $4, $5) returning id',
      [account.sign_in, account.name, account.role, kept, isGiven(account.role, by)],
    );
    await note(tx, `added ${account.sign_in} as ${account.role}`, { account: by });
    return rows[0]!.id;
  });
}

/** Changes an account; another role ends its sessions. False when there is none. @throws FaultyInput */
export async function changeAccount(
  sql: Sql,
  id: string,
  account: AccountRecord,
  by: By,
): Promise<boolean> {
  return sql.transaction(async (tx) => {
    await alone(tx);
    await refuseTaken(tx, account.sign_in, id);
    const { rows } = await tx.query<{ role: string }>(
      'select role from accounts where id = $1 and ended_at is null',
      [id],
    );
    const [before] = rows;
    if (!before) return false;
    await tx.query('update accounts set sign_in = $2, name = $3, role = $4 where id = $1', [
      id,
      account.sign_in,
      account.name,
      account.role,
    ]);
    await refuseHeadless(tx);
    if (before.role !== account.role) {
      await tx.query('delete from sessions where account_id = $1', [id]);
    }
    await note(tx, `changed ${account.sign_in}, ${account.role}`, { account: by });
    return true;
  });
}

/**
 * Gives an account another passphrase and ends its sessions but the one that did it; one that somebody else gave is to be changed by its
 * owner. False when there is no such account.
 */
export async function changePassphrase(
  sql: Sql,
  id: string,
  passphrase: string,
  by: By,
  keep: string | null = null,
): Promise<boolean> {
  const kept = await hashed(passphrase);
  return sql.transaction(async (tx) => {
    const { rows } = await tx.query<{ sign_in: string; role: Role }>(
      'select sign_in, role from accounts where id = $1 and ended_at is null for update',
      [id],
    );
    const [account] = rows;
    if (!account) return false;
    const given = by !== id && isGiven(account.role, by);
    await tx.query('update accounts set passphrase = $2, given = $3 where id = $1', [
      id,
      kept,
      given,
    ]);
    await tx.query('delete from sessions where account_id = $1 and id is distinct from $2', [
      id,
      keep,
    ]);
    // Who was kept out by the wrong tries of others comes in by the new one.
    await forgetTries(tx, nameTrying(account.sign_in));
    await note(tx, `changed the passphrase of ${account.sign_in}`, { account: by });
    return true;
  });
}

/** Ends an account with its sessions; its players are everybody's where it alone coached them. False when there is none. */
export async function endAccount(sql: Sql, id: string, by: By): Promise<boolean> {
  return sql.transaction(async (tx) => {
    await alone(tx);
    const { rows } = await tx.query<{ sign_in: string }>(
      'update accounts set ended_at = now() where id = $1 and ended_at is null returning sign_in',
      [id],
    );
    if (!rows[0]) return false;
    await refuseHeadless(tx);
    await tx.query('delete from sessions where account_id = $1', [id]);
    await tx.query('delete from player_coaches where account_id = $1', [id]);
    await note(tx, `ended ${rows[0].sign_in}`, { account: by });
    return true;
  });
}

/** The name under which an account signs in; null when there is none. */
export async function signInOf(sql: Tx, id: string): Promise<string | null> {
  const { rows } = await sql.query<{ sign_in: string }>(
    'select sign_in from accounts where id = $1 and ended_at is null',
    [id],
  );
  return rows[0]?.sign_in ?? null;
}
