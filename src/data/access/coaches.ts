import type { Role } from '@/core/lesson/coaches/account';
import type { CoachOf } from '@/core/lesson/coaches/listed';
import type { Sql, Tx } from '../sql/sql';

/** Coaches of the academy, and which of them coach a player. Head coaches see everybody anyway. */
export async function coachesOf(sql: Tx, player: string): Promise<CoachOf[]> {
  const { rows } = await sql.query<CoachOf & { role: Role }>(
    `select a.id, a.name, exists (select from player_coaches c where c.account_id = a.id and c.player_id = $1) as coaches
     from accounts a where a.ended_at is null and a.role = 'coach' order by lower(a.name), a.id`,
    [player],
  );
  return rows;
}

/**
 * Says who coaches a player; nobody for everybody.
 *
 * @param sql as whoever does it sees it: players and coaches who are not seen cannot be named
 */
export async function setCoaches(
  sql: Sql,
  player: string,
  accounts: readonly string[],
): Promise<boolean> {
  return sql.transaction(async (tx) => {
    const { rows } = await tx.query('select 1 from players where id = $1 and deleted_at is null', [
      player,
    ]);
    if (rows.length === 0) return false;
    await tx.query(
      `insert into player_coaches (player_id, account_id)
       select $1, a.id from accounts a where a.id = any($2::uuid[]) and a.ended_at is null and a.role = 'coach'
       on conflict do nothing`,
      [player, [...accounts]],
    );
    await tx.query(
      'delete from player_coaches where player_id = $1 and account_id <> all($2::uuid[])',
      [player, [...accounts]],
    );
    return true;
  });
}
