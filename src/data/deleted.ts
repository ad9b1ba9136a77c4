import type { Sql } from './sql/sql';
import type { Deleted } from '@/core/lesson/players/deleted';

/** What was deleted and can be brought back, the latest first. */
export async function listDeleted(db: Sql, most = 200): Promise<Deleted[]> {
  const { rows } = await db.query<Deleted>(
    `select kind, id, name, of,
       to_char(deleted_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as "deletedAt"
     from (
       select 'player' as kind, id, name, null as of, deleted_at from players
       union all
       select 'lesson', id::text, place, held_on::text, deleted_at from lessons
       union all
       select 'reading', r.id::text, r.name, p.name, r.deleted_at
       from readings r join players p on p.id = r.player_id and p.deleted_at is null
       union all
       select 'practice', h.id::text, p.name, h.plan ->> 'starts_on', h.deleted_at
       from practice_plans h join players p on p.id = h.player_id and p.deleted_at is null
       union all
       select 'test', t.id::text, p.name, t.held_on::text, t.deleted_at
       from bunker_tests t join players p on p.id = t.player_id and p.deleted_at is null
       union all
       select 'place', id::text, place ->> 'name', null, deleted_at from places
     ) everything
     where deleted_at is not null order by deleted_at desc, id limit $1`,
    [most],
  );
  return rows;
}
