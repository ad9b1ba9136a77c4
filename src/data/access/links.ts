import type { ListedLink } from '@/core/lesson/coaches/listed';
import type { Sql, Tx } from '../sql/sql';
import { note } from './log';
import { isToken, newToken, tokenHash } from './token';
import { takeBack, takeTry } from './tries';

/** Links of a player that are good at a time. */
export const MOST_LINKS = 10;

/** Wrong links from one address within a quarter of an hour. */
const MOST_WRONG = 30;

const ISO = `'YYYY-MM-DD"T"HH24:MI:SS"Z"'`;
const GOOD = 'withdrawn_at is null and ends_at > now()';

/**
 * Makes a link to what is a player's own; its token is told once and kept nowhere. Null where the player has as many as may be.
 *
 * @param days that it is good for
 */
export async function makeLink(
  sql: Sql,
  player: string,
  days: number,
  by: string | null,
): Promise<{ id: string; token: string } | null> {
  const token = newToken();
  return sql.transaction(async (tx) => {
    const { rows: good } = await tx.query(
      `select 1 from player_links where player_id = $1 and ${GOOD}`,
      [player],
    );
    if (good.length >= MOST_LINKS) return null;
    const { rows } = await tx.query<{ id: string }>(
      `insert into player_links (token_hash, player_id, ends_at)
       values ($1, $2, now() + make_interval(days => $3)) returning id`,
      [tokenHash(token), player, days],
    );
    await note(tx, 'made a player’s link', { account: by });
    return { id: rows[0]!.id, token };
  });
}

/** Links of a player that are good, the latest first. */
export async function linksOf(sql: Tx, player: string): Promise<ListedLink[]> {
  const { rows } = await sql.query<ListedLink>(
    `select id, to_char(made_at at time zone 'utc', ${ISO}) as "madeAt", to_char(ends_at at time zone 'utc', ${ISO}) as "endsAt",
       to_char(used_at at time zone 'utc', ${ISO}) as "usedAt"
     from player_links where player_id = $1 and ${GOOD} order by made_at desc`,
    [player],
  );
  return rows;
}

/** Withdraws a link of a player. False when there is none that is good. */
export async function withdrawLink(
  sql: Sql,
  player: string,
  id: string,
  by: string | null,
): Promise<boolean> {
  return sql.transaction(async (tx) => {
    const { rows } = await tx.query(
      `update player_links set withdrawn_at = now() where id = $1 and player_id = $2 and ${GOOD} returning id`,
      [id, player],
    );
    if (rows.length === 0) return false;
    await note(tx, 'withdrew a player’s link', { account: by });
    return true;
  });
}

/**
 * Whose own a link opens; null where it was withdrawn, has ended or never was, and where too many wrong ones came from the address.
 *
 * @param address from where it is opened
 */
export async function playerOfLink(
  sql: Sql,
  token: string,
  address: string,
): Promise<string | null> {
  const trying = [{ who: `link from ${address}`, most: MOST_WRONG }];
  if ((await takeTry(sql, trying)) > 0) return null;
  const { rows } = isToken(token)
    ? await sql.query<{ player_id: string }>(
        `update player_links set used_at = now() where token_hash = $1 and ${GOOD} returning player_id`,
        [tokenHash(token)],
      )
    : { rows: [] };
  if (rows[0]) await takeBack(sql, trying);
  return rows[0]?.player_id ?? null;
}
