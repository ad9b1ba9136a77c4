import type { Sql, Tx } from '../sql/sql';

/** Failed tries that are allowed within the span, by a name and by an address; and the span, minutes. */
export const MOST_OF_A_NAME = 8;
export const MOST_OF_AN_ADDRESS = 40;
export const SPAN_MINUTES = 15;

/** Whether somebody may try now, which a transaction that had to wait takes from the clock; else in how many minutes. */
async function mayTry(sql: Tx, who: string, most: number): Promise<number> {
  const { rows } = await sql.query<{ wait: number | null }>(
    `select ceil(extract(epoch from min(tried_at) + make_interval(mins => $3) - clock_timestamp()) / 60)::integer as wait
     from (select tried_at from sign_in_tries
           where who = $1 and tried_at between clock_timestamp() - make_interval(mins => $3) and clock_timestamp() order by tried_at desc limit $2) t
     having count(*) >= $2`,
    [who, most, SPAN_MINUTES],
  );
  return Math.max(0, rows[0]?.wait ?? 0);
}

/** Notes failed tries, and forgets old ones. */
async function noted(tx: Tx, who: readonly string[]): Promise<void> {
  await tx.query(
    `delete from sign_in_tries
     where tried_at not between clock_timestamp() - make_interval(mins => $1) and clock_timestamp()`,
    [SPAN_MINUTES],
  );
  await tx.query('insert into sign_in_tries (who) select unnest($1::text[])', [[...who]]);
}

/** What tries of a sign-in name are counted under. */
export const nameTrying = (signInName: string): string => `name ${signInName}`;

/** Who tries, and how many failed tries that one has. */
export interface Trying {
  who: string;
  most: number;
}

/**
 * Counts a try as failed before it is looked at, so that of many at the same moment no more are looked at than of as many one after the
 * other. One that was right, or was not looked at after all, is taken back.
 *
 * @returns in how many minutes to try again; 0 where this one may be looked at
 */
export function takeTry(sql: Sql, trying: readonly Trying[]): Promise<number> {
  // Whoever waited for the lock must see what was counted meanwhile.
  return sql.transaction(async (tx) => {
    let wait = 0;
    for (const { who, most } of trying) {
      await tx.query('select pg_advisory_xact_lock(hashtextextended($1, 0))', [who]);
      wait = Math.max(wait, await mayTry(tx, who, most));
    }
    if (wait === 0)
      await noted(
        tx,
        trying.map(({ who }) => who),
      );
    return wait;
  }, 'by statement');
}

/** Takes the last try of each back. */
export async function takeBack(sql: Tx, trying: readonly Trying[]): Promise<void> {
  for (const { who } of trying)
    await sql.query(
      `delete from sign_in_tries where ctid in
         (select ctid from sign_in_tries where who = $1 order by tried_at desc limit 1)`,
      [who],
    );
}

/** Forgets the failed tries of somebody who has signed in, or was given another passphrase. */
export async function forgetTries(sql: Tx, who: string): Promise<void> {
  await sql.query('delete from sign_in_tries where who = $1', [who]);
}
