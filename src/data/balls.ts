import type { PGlite, Transaction } from '@electric-sql/pglite';
import { FaultyInput, type Fault } from '@/core/tell/format/fault';
import type { BallCall, BallChange, LoggedFields, NewBall } from '@/core/lesson/balls/ball';
import type { LessonPlan, Station } from '@/core/lesson/plan/lesson';

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

/** The balls of a lesson in the order in which they were taken; those after a number of that order. */
export async function ballsOfLesson(
  db: PGlite,
  lessonId: string,
  after = 0,
): Promise<StoredBall[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS} from balls
     where lesson_id = $1 and seq > $2 and deleted_at is null order by seq`,
    [lessonId, after],
  );
  return rows.map(ballOf);
}

/** A ball of a player with its lesson and the station that it was hit from. */
export type BallOfPlayer = StoredBall & { lesson: string; at: Station };

/** The latest balls of a player, oldest first; balls of lessons that were deleted are left out. */
export async function ballsOfPlayer(
  db: PGlite,
  playerId: string,
  most = 500,
): Promise<BallOfPlayer[]> {
  const { rows } = await db.query<Row & { lesson: string; at: Station }>(
    `select * from (select b.*, l.plan #> array['stations', b.station::text] as at
       from (select ${COLUMNS}, lesson_id as lesson from balls
         where player_id = $1 and deleted_at is null) b
       join lessons l on l.id = b.lesson and l.deleted_at is null
       order by b.seq desc limit $2) latest order by seq`,
    [playerId, most],
  );
  return rows.map(({ lesson, at, ...row }) => ({ ...ballOf(row), lesson, at }));
}

/** What of the balls does not belong to the lesson's plan. */
function strangers(balls: readonly NewBall[], { players, stations }: LessonPlan): Fault[] {
  return balls.flatMap(({ player, station }, i) => [
    ...(players.includes(player)
      ? []
      : [{ path: `balls[${i}].player`, message: `"${player}" is not in this lesson` }]),
    ...(station < stations.length
      ? []
      : [
          {
            path: `balls[${i}].station`,
            message: `must be under ${stations.length}, the stations of this lesson, not ${station}`,
          },
        ]),
  ]);
}

/** All of the balls or, when one does not belong here, none: in one statement, for a ball must be acknowledged quickly. */
const INSERT = `
  with sent as (
    select * from rows from (jsonb_to_recordset($2) as (id uuid, player text, station integer,
      call jsonb, seen jsonb, source text, hit_at timestamptz, excluded text))
      with ordinality as r (id, player, station, call, seen, source, hit_at, excluded, nth)
  ), lesson as (
    select plan from lessons where id = $1 and deleted_at is null
  ), astray as (
    select from sent left join lesson on true
    where plan is null or not plan -> 'players' ? player
      or station >= jsonb_array_length(plan -> 'stations')
      or exists (select from balls b where b.id = sent.id and b.lesson_id <> $1)
  )
  insert into balls (id, lesson_id, player_id, station, call, seen, source, hit_at, excluded)
  select id, $1, player, station, call, seen, source, hit_at, excluded from sent
  where not exists (select from astray) order by nth
  on conflict (id) do nothing returning id`;

/**
 * Saves balls of a lesson, all or none, in the order in which they come; one that is there already stays as it is.
 * Ids of those that are stored now, whether by this or an earlier sending; null when there is no such lesson.
 *
 * @throws FaultyInput for balls of players or stations that the lesson does not have, or with the id of another lesson's ball
 */
export async function addBalls(
  db: Pick<Transaction, 'query'>,
  lessonId: string,
  balls: readonly (NewBall & { excluded?: string })[],
): Promise<string[] | null> {
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
  const { rows: inserted } = await db.query<{ id: string }>(INSERT, [
    lessonId,
    JSON.stringify(rows),
  ]);
  const ids = balls.map(({ id }) => id);
  if (inserted.length === balls.length) return ids;

  const { rows: known } = await db.query<{ plan: LessonPlan }>(
    'select plan from lessons where id = $1 and deleted_at is null',
    [lessonId],
  );
  if (!known[0]) return null;
  const { rows: others } = await db.query<{ id: string }>(
    `select id from balls where lesson_id <> $1 and id in
       (select value::uuid from jsonb_array_elements_text($2::jsonb))`,
    [lessonId, JSON.stringify(ids)],
  );
  const elsewhere = new Set(others.map(({ id }) => id));
  const faults = [
    ...strangers(balls, known[0].plan),
    ...ids.flatMap((id, i) =>
      elsewhere.has(id.toLowerCase())
        ? [{ path: `balls[${i}].id`, message: 'is the id of a ball of another lesson' }]
        : [],
    ),
  ];
  if (faults.length > 0) throw new FaultyInput(faults);
  return ids;
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
