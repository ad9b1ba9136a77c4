import type { PGlite } from '@electric-sql/pglite';
import type { BallCall, BallChange, LoggedFields, NewBall } from '@/core/lesson/ball';

/** A ball as it is stored. */
export interface StoredBall extends LoggedFields {
  id: string;
  /** Order of the server. */
  seq: number;
  player: string;
  station: number;
  call: BallCall;
  source: 'hand' | 'tracker';
  hit_at: string;
  excluded?: string;
}

interface Row {
  id: string;
  seq: number;
  player: string;
  station: number;
  call: BallCall;
  seen: LoggedFields;
  source: 'hand' | 'tracker';
  hit_at: string;
  excluded: string;
}

const COLUMNS = `id, seq, player_id as player, station, call, seen, source, excluded,
  to_char(hit_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as hit_at`;

const ballOf = ({ seen, excluded, ...row }: Row): StoredBall => ({
  ...row,
  ...seen,
  ...(excluded ? { excluded } : {}),
});

/** The balls of a lesson in the order in which they were taken. */
export async function ballsOfLesson(db: PGlite, lessonId: string): Promise<StoredBall[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS} from balls where lesson_id = $1 and deleted_at is null order by seq`,
    [lessonId],
  );
  return rows.map(ballOf);
}

/** The latest balls of a player, oldest first, with the lesson of each. */
export async function ballsOfPlayer(
  db: PGlite,
  playerId: string,
  most = 500,
): Promise<(StoredBall & { lesson: string })[]> {
  const { rows } = await db.query<Row & { lesson: string }>(
    `select * from (select ${COLUMNS}, lesson_id as lesson from balls
       where player_id = $1 and deleted_at is null order by seq desc limit $2) latest order by seq`,
    [playerId, most],
  );
  return rows.map((row) => ({ ...ballOf(row), lesson: row.lesson }));
}

/**
 * Saves balls of a lesson in the order in which they come; one that is there already stays as it is. Ids of those that are
 * stored now, whether by this or an earlier sending; null when there is no such lesson or a player is not in it.
 */
export async function addBalls(
  db: PGlite,
  lessonId: string,
  balls: readonly (NewBall & { excluded?: string })[],
): Promise<string[] | null> {
  return db.transaction(async (tx) => {
    const { rows: known } = await tx.query<{ player_id: string }>(
      `select lp.player_id from lesson_players lp join lessons l on l.id = lp.lesson_id
       where l.id = $1 and l.deleted_at is null`,
      [lessonId],
    );
    const players = new Set(known.map(({ player_id }) => player_id));
    if (!balls.every(({ player }) => players.has(player))) return null;
    const rows = balls.map(
      ({ id, player, station, call, source, hit_at, excluded = '', ...seen }) => ({
        id,
        player,
        station,
        call,
        source,
        hit_at,
        excluded,
        seen,
      }),
    );
    await tx.query(
      `insert into balls (id, lesson_id, player_id, station, call, seen, source, hit_at, excluded)
       select r.id, $1, r.player, r.station, r.call, r.seen, r.source, r.hit_at, r.excluded
       from jsonb_to_recordset($2) as r (id uuid, player text, station integer, call jsonb,
         seen jsonb, source text, hit_at timestamptz, excluded text)
       on conflict (id) do nothing`,
      [lessonId, JSON.stringify(rows)],
    );
    const { rows: stored } = await tx.query<{ id: string }>(
      `select id from balls where lesson_id = $1 and id in
         (select (value ->> 'id')::uuid from jsonb_array_elements($2::jsonb))`,
      [lessonId, JSON.stringify(rows.map(({ id }) => ({ id })))],
    );
    return stored.map(({ id }) => id);
  });
}

/** Puts what was seen of a ball in place of what it was, excludes it, or takes it away and brings it back. */
export async function changeBall(
  db: PGlite,
  id: string,
  { excluded, deleted, ...seen }: BallChange,
): Promise<StoredBall | null> {
  const { rows } = await db.query<Row>(
    `update balls set
       seen = case when $2::jsonb = '{}'::jsonb then seen else $2::jsonb end,
       excluded = coalesce($3, excluded),
       deleted_at = case when $4::boolean is null then deleted_at when $4 then now() end
     where id = $1 returning ${COLUMNS}`,
    [id, JSON.stringify(seen), excluded ?? null, deleted ?? null],
  );
  return rows[0] ? ballOf(rows[0]) : null;
}
