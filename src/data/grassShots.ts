import type { Sql } from './sql/sql';
import type { GrassShot } from '@/core/lesson/players/grassShot';

/** A player's shots off grass, latest first. */
export async function listGrassShots(db: Sql, playerId: string, most = 2000): Promise<GrassShot[]> {
  const { rows } = await db.query<GrassShot>(
    `select id, club, carry_m as carry,
            to_char(hit_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as "hitAt"
     from grass_shots where player_id = $1 order by hit_at desc, id desc limit $2`,
    [playerId, most],
  );
  return rows;
}

/** Logs shots off grass; false when there is no such player. */
export async function addGrassShots(
  db: Sql,
  playerId: string,
  shots: readonly Pick<GrassShot, 'club' | 'carry'>[],
): Promise<boolean> {
  const { rows } = await db.query(
    `insert into grass_shots (player_id, club, carry_m)
     select p.id, r.club, r.carry from players p,
       jsonb_to_recordset($2) as r (club text, carry double precision)
     where p.id = $1 and p.deleted_at is null returning id`,
    [playerId, JSON.stringify(shots)],
  );
  return rows.length === shots.length;
}

/** Takes one shot away; false when the player has no such shot. */
export async function removeGrassShot(db: Sql, playerId: string, id: number): Promise<boolean> {
  const { rows } = await db.query(
    'delete from grass_shots where player_id = $1 and id = $2 returning id',
    [playerId, id],
  );
  return rows.length > 0;
}
