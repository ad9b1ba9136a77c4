import type { Sql } from './sql/sql';
import type { KeptReading } from '@/core/contract/reading/kept';
import { containing } from './search';

/** What a new reading needs. */
export interface NewReading {
  name: string;
  playerId: string;
  shot: Record<string, unknown>;
  called: string;
  model: string;
}

const COLUMNS = `
  r.id, r.name, r.player_id as "playerId", p.name as "playerName", r.shot, r.called, r.learnt, r.model,
  to_char(r.saved_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as "savedAt"`;

/**
 * The latest readings that are not deleted, newest first.
 *
 * @param search text that name, player or call must hold; empty for all
 */
export async function listReadings(db: Sql, search = '', most = 100): Promise<KeptReading[]> {
  const { rows } = await db.query<KeptReading>(
    `select ${COLUMNS} from readings r join players p on p.id = r.player_id
     where r.deleted_at is null and p.deleted_at is null and (r.name ilike $2 or p.name ilike $2 or r.called ilike $2)
     order by r.saved_at desc, r.id limit $1`,
    [most, containing(search)],
  );
  return rows;
}

/** All readings of one player that are not deleted, newest first. */
export async function readingsOfPlayer(
  db: Sql,
  playerId: string,
  most = 1000,
): Promise<KeptReading[]> {
  const { rows } = await db.query<KeptReading>(
    `select ${COLUMNS} from readings r join players p on p.id = r.player_id
     where r.player_id = $1 and r.deleted_at is null order by r.saved_at desc, r.id limit $2`,
    [playerId, most],
  );
  return rows;
}

/** One reading, or null when there is none with this id. */
export async function readingById(db: Sql, id: string): Promise<KeptReading | null> {
  const { rows } = await db.query<KeptReading>(
    `select ${COLUMNS} from readings r join players p on p.id = r.player_id
     where r.id = $1 and r.deleted_at is null`,
    [id],
  );
  return rows[0] ?? null;
}

/** Keeps a reading; null when there is no such player. */
export async function saveReading(db: Sql, reading: NewReading): Promise<KeptReading | null> {
  const { rows } = await db.query<{ id: string }>(
    `insert into readings (name, player_id, shot, called, model, learnt)
     select $1, id, $3, $4, $5, (learnt ->> 'version')::integer from players
     where id = $2 returning id`,
    [reading.name, reading.playerId, reading.shot, reading.called, reading.model],
  );
  return rows[0] ? readingById(db, rows[0].id) : null;
}

/** Marks a reading as deleted, or as not; false when there is no such reading. */
export async function setReadingDeleted(db: Sql, id: string, deleted: boolean): Promise<boolean> {
  const { rows } = await db.query(
    `update readings set deleted_at = case when $2 then now() end where id = $1 returning id`,
    [id, deleted],
  );
  return rows.length > 0;
}

/** A copy of a reading under a name that says so, as the newest; null when there is no such reading. */
export async function duplicateReading(db: Sql, id: string): Promise<KeptReading | null> {
  const { rows } = await db.query<{ id: string }>(
    `insert into readings (name, player_id, shot, called, model, learnt)
     select left(name, 112) || ' (copy)', player_id, shot, called, model, learnt
     from readings where id = $1 and deleted_at is null returning id`,
    [id],
  );
  return rows[0] ? readingById(db, rows[0].id) : null;
}
