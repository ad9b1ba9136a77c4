import { fact } from '@/core/ground/fact/fact';
import { readPassphrase, type Role } from '@/core/lesson/coaches/account';
import type { ListedSession } from '@/core/lesson/coaches/listed';
import { faulty } from '@/core/contract/check/fault';
import { DiskFull } from '../disk/room';
import type { Sql, Tx } from '../sql/sql';
import { changePassphrase } from './accounts';
import { note } from './log';
import { isPassphrase, NOBODYS } from './passphrase';
import { isToken, newToken, tokenHash } from './token';
import {
  forgetTries,
  MOST_OF_A_NAME,
  MOST_OF_AN_ADDRESS,
  nameTrying,
  takeBack,
  takeTry,
} from './tries';

/** A session ends so many days after it began, and after so many without use. */
export const SESSION_DAYS = 30;
export const UNUSED_DAYS = 7;

/** Sessions of one account; the oldest go. */
const MOST_SESSIONS = 20;

/** Use is noted this often, minutes: not with every request. */
const NOTED_EVERY = 5;

/** Somebody who is signed in. */
export interface Session {
  id: string;
  account: string;
  name: string;
  role: Role;
  /** The one lesson that a phone was brought to; null for whoever signed in. */
  lesson: string | null;
  /** True while the passphrase is still the one that somebody else gave. */
  given: boolean;
}

/** What became of a try to sign in: what the browser shall hold, or in how many minutes to try again, 0 for at once. */
export type SignedIn = { token: string; account: string } | { wait: number };

/**
 * Signs in. A wrong name is answered as a wrong passphrase is; too many failed tries of a name or from an address are not looked at any
 * more for a while, the right one neither.
 *
 * @param address from where
 * @param device what the browser calls itself
 * @throws TooManyAtOnce
 */
export async function signIn(
  sql: Sql,
  signInName: string,
  passphrase: string,
  { address, device }: { address: string; device: string },
): Promise<SignedIn> {
  const name = signInName.trim().toLowerCase().slice(0, 80);
  const ofName = { who: nameTrying(name), most: MOST_OF_A_NAME };
  const ofAddress = { who: `address ${address}`, most: MOST_OF_AN_ADDRESS };
  const wait = await takeTry(sql, [ofName, ofAddress]);
  if (wait > 0) return { wait };
  const { rows } = await sql.query<{ id: string; passphrase: string }>(
    'select id, passphrase from accounts where sign_in = $1 and ended_at is null',
    [name],
  );
  const [account] = rows;
  let right: boolean;
  try {
    right = await isPassphrase(passphrase.slice(0, 400), account?.passphrase ?? NOBODYS);
  } catch (error) {
    // Nobody has looked at it.
    await takeBack(sql, [ofName, ofAddress]);
    throw error;
  }
  if (!account || !right) {
    await note(sql, 'was refused at signing in', { account: account?.id ?? null, device });
    return { wait: 0 };
  }
  await forgetTries(sql, ofName.who);
  await takeBack(sql, [ofAddress]);
  const token = newToken();
  await sql.transaction(async (tx) => {
    await tx.query('delete from sessions where ends_at < now()');
    await tx.query(
      `delete from sessions where account_id = $1 and id not in
         (select id from sessions where account_id = $1 order by used_at desc limit $2)`,
      [account.id, MOST_SESSIONS - 1],
    );
    await tx.query(
      `insert into sessions (token_hash, account_id, device, ends_at)
       values ($1, $2, $3, now() + make_interval(days => $4))`,
      [tokenHash(token), account.id, device.slice(0, 120), SESSION_DAYS],
    );
    await note(tx, 'signed in', { account: account.id, device });
  });
  return { token, account: account.id };
}

/**
 * Changes the passphrase of who is signed in, who proves it by the one so far: that counts as a try to sign in. Other sessions end.
 *
 * @returns in how many minutes to try again; 0 where the one so far was wrong; null when it is changed
 * @throws TooManyAtOnce, FaultyInput for a new one that cannot be
 */
export async function changeOwnPassphrase(
  sql: Sql,
  { id, account }: Session,
  soFar: string,
  next: string,
): Promise<number | null> {
  const { rows } = await sql.query<{ sign_in: string; passphrase: string }>(
    'select sign_in, passphrase from accounts where id = $1 and ended_at is null',
    [account],
  );
  const { sign_in, passphrase } = rows[0]!;
  const fresh = readPassphrase({ passphrase: next }, sign_in);
  if (fresh === soFar) throw faulty('passphrase', fact('account.samePassphrase'));
  const trying = [{ who: nameTrying(sign_in), most: MOST_OF_A_NAME }];
  const wait = await takeTry(sql, trying);
  if (wait > 0) return wait;
  if (!(await isPassphrase(soFar.slice(0, 400), passphrase))) return 0;
  await changePassphrase(sql, account, fresh, account, id);
  return null;
}

/** Who holds a token; null when its session has ended, or there never was one. */
export async function sessionOf(sql: Tx, token: string): Promise<Session | null> {
  if (!isToken(token)) return null;
  const hash = tokenHash(token);
  const { rows } = await sql.query<Session & { stale: boolean }>(
    `select s.id, a.id as account, s.lesson_id as lesson,
       case when s.lesson_id is null then a.name else a.name || '’s phone' end as name,
       case when s.lesson_id is null then a.role else 'assistant' end as role, a.given and s.lesson_id is null as given, s.used_at < now() - make_interval(mins => $3) as stale
     from sessions s join accounts a on a.id = s.account_id
     where s.token_hash = $1 and a.ended_at is null and s.ends_at > now()
       and s.used_at > now() - make_interval(days => $2)`,
    [hash, UNUSED_DAYS, NOTED_EVERY],
  );
  const [found] = rows;
  if (!found) return null;
  const { stale, ...session } = found;
  if (stale) {
    try {
      await sql.query('update sessions set used_at = now() where token_hash = $1', [hash]);
    } catch (error) {
      // What is kept can still be read on a full disk.
      if (!(error instanceof DiskFull)) throw error;
    }
  }
  return session;
}

const ISO = `'YYYY-MM-DD"T"HH24:MI:SS"Z"'`;

/** Sessions that have not ended, the last used first. */
export async function listSessions(sql: Tx): Promise<ListedSession[]> {
  const { rows } = await sql.query<ListedSession>(
    `select id, account_id as account, lesson_id is not null as paired, device, to_char(began_at at time zone 'utc', ${ISO}) as "beganAt",
       to_char(used_at at time zone 'utc', ${ISO}) as "usedAt"
     from sessions where ends_at > now() and used_at > now() - make_interval(days => $1)
     order by used_at desc limit 500`,
    [UNUSED_DAYS],
  );
  return rows;
}

/** Ends a session by its id. False when there is none. */
export async function endSession(sql: Sql, id: string, by: string | null): Promise<boolean> {
  return sql.transaction(async (tx) => {
    const { rows } = await tx.query<{ account_id: string }>(
      'delete from sessions where id = $1 returning account_id',
      [id],
    );
    if (!rows[0]) return false;
    await note(tx, rows[0].account_id === by ? 'signed out' : 'ended a session', { account: by });
    return true;
  });
}
