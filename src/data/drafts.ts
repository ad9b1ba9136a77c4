import type { Sql } from './sql/sql';
import type { DraftReading } from '@/core/contract/reading/kept';

/** What a draft is saved with. */
export type DraftContent = Pick<DraftReading, 'playerId' | 'shot' | 'called'>;

/** Older drafts than this many are let go. */
const KEPT_DRAFTS = 20;

/** The latest drafts, newest first. */
export async function listDrafts(db: Sql): Promise<DraftReading[]> {
  const { rows } = await db.query<DraftReading>(
    `select d.id, d.player_id as "playerId", p.name as "playerName", d.shot, d.called,
            to_char(d.saved_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as "savedAt"
     from drafts d join players p on p.id = d.player_id
     where p.deleted_at is null
     order by d.saved_at desc, d.id limit $1`,
    [KEPT_DRAFTS],
  );
  return rows;
}

/**
 * Saves a draft under its id, in place of what it held; false when there is no such player. It is the latest of all from then on, on a
 * clock that was put back too.
 */
export async function saveDraft(db: Sql, id: string, draft: DraftContent): Promise<boolean> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query(
      `insert into drafts (id, player_id, shot, called, saved_at)
       select $1, id, $3, $4, greatest(now(), (select max(saved_at) + interval '1 millisecond' from drafts))
       from players where id = $2
       on conflict (id) do update
       set player_id = excluded.player_id, shot = excluded.shot, called = excluded.called,
           saved_at = excluded.saved_at
       returning id`,
      [id, draft.playerId, draft.shot, draft.called],
    );
    await tx.query(
      `delete from drafts where id in
       (select id from drafts order by saved_at desc, id offset $1)`,
      [KEPT_DRAFTS],
    );
    return rows.length > 0;
  });
}

/** Takes a draft away; false when there was none. */
export async function removeDraft(db: Sql, id: string): Promise<boolean> {
  const { rows } = await db.query('delete from drafts where id = $1 returning id', [id]);
  return rows.length > 0;
}
