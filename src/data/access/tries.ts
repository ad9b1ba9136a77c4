import type { Sql } from '../sql/sql';

/** Failed tries that are allowed within the span, by a name and by an address; and the span, minutes. */
export const MOST_OF_A_NAME = 8;
export const MOST_OF_AN_ADDRESS = 40;
export const SPAN_MINUTES = 15;

/** Whether somebody may try now; else in how many minutes. */
export async function mayTry(sql: Sql, who: string, most: number): Promise<number> {
  const { rows } = await sql.query<{ wait: number | null }>(
    `select ceil(extract(epoch from min(tried_at) + make_interval(mins => $3) - now()) / 60)::integer as wait
     from (select tried_at from sign_in_tries
           where who = $1 and tried_at between now() - make_interval(mins => $3) and now() order by tried_at desc limit $2) t
     having count(*) >= $2`,
    [who, most, SPAN_MINUTES],
  );
  return Math.max(0, rows[0]?.wait ?? 0);
}

/** Notes failed tries, and forgets old ones. */
export async function noteTries(sql: Sql, who: readonly string[]): Promise<void> {
  await sql.transaction(async (tx) => {
    await tx.query(
      'delete from sign_in_tries where tried_at not between now() - make_interval(mins => $1) and now()',
      [SPAN_MINUTES],
    );
    await tx.query('insert into sign_in_tries (who) select unnest($1::text[])', [[...who]]);
  });
}

/** Forgets the failed tries of somebody who has signed in. */
export async function forgetTries(sql: Sql, who: string): Promise<void> {
  await sql.query('delete from sign_in_tries where who = $1', [who]);
}
