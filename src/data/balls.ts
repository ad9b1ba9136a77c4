import { fact } from '@/core/ground/fact/fact';
import type { Sql, Tx } from './sql/sql';
import { ChangedElsewhere } from './standing';
import { FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  excludedAtFirst,
  type BallChange,
  type BallOfPlayer,
  type ExchangedBall,
  type LoggedFields,
  type StoredBall,
  type TouchedBall,
} from '@/core/lesson/balls/ball';
import type { Station } from '@/core/lesson/plan/lesson';

type Row = Pick<
  StoredBall,
  'id' | 'seq' | 'touched' | 'player' | 'station' | 'call' | 'source' | 'hit_at'
> & {
  seen: LoggedFields;
  excluded: string;
};

const COLUMNS = `id, seq, touched, player_id as player, station, call, seen, source, excluded,
  to_char(hit_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as hit_at`;

const ballOf = ({ seen, excluded, ...row }: Row): StoredBall => ({
  ...row,
  ...seen,
  ...(excluded ? { excluded } : {}),
});

/** The balls of a lesson in the order in which they were taken; those after a number of that order. */
export async function ballsOfLesson(db: Sql, lessonId: string, after = 0): Promise<StoredBall[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS} from balls
     where lesson_id = $1 and seq > $2 and deleted_at is null order by seq`,
    [lessonId, after],
  );
  return rows.map(ballOf);
}

/** What was touched of the balls of a lesson after a number of that order: logged, changed, taken away or brought back. */
export async function ballsTouched(
  db: Sql,
  lessonId: string,
  after: number,
): Promise<TouchedBall[]> {
  const { rows } = await db.query<Row & { deleted: boolean }>(
    `select ${COLUMNS}, deleted_at is not null as deleted from balls
     where lesson_id = $1 and touched > $2 order by touched`,
    [lessonId, after],
  );
  return rows.map(({ deleted, ...row }) =>
    deleted ? { id: row.id, touched: row.touched, deleted } : ballOf(row),
  );
}

/** The latest balls of a player, oldest first; balls of lessons that were deleted are left out. */
export async function ballsOfPlayer(
  db: Sql,
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

/** A ball that does not belong to the lesson, as `mellow_append` (020) tells it. */
interface Astray {
  id: string;
  nth: number;
  player: string;
  station: number;
  stations: number;
  /** There is no such lesson. */
  nowhere: boolean;
  stranger: boolean;
  /** The name of a player who was deleted from the roster. */
  gone: string | null;
  no_station: boolean;
  elsewhere: boolean;
  /** Nothing was seen against it, and yet it was not saved. */
  unseen: boolean;
}

function faultsOf(ball: Astray): Fault[] {
  const at = `balls[${ball.nth - 1}]`;
  return [
    ...(ball.stranger
      ? [
          {
            path: `${at}.player`,
            message: fact('kept.ballElsewhere', { player: ball.player }),
          },
        ]
      : []),
    ...(ball.gone !== null
      ? [
          {
            path: `${at}.player`,
            message: fact('kept.playerDeleted', { gone: ball.gone }),
          },
        ]
      : []),
    ...(ball.no_station
      ? [
          {
            path: `${at}.station`,
            message: fact('kept.station', {
              stations: ball.stations,
              station: ball.station,
            }),
          },
        ]
      : []),
    ...(ball.elsewhere ? [{ path: `${at}.id`, message: fact('kept.ballOfOtherLesson') }] : []),
  ];
}

/** Those of some ids that are balls of a lesson by now. */
async function thoseIn(
  db: Pick<Tx, 'query'>,
  lessonId: string,
  ids: readonly string[],
): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(
    'select id from balls where lesson_id = $1 and id = any($2::uuid[])',
    [lessonId, ids],
  );
  return rows.map(({ id }) => id);
}

/**
 * Saves balls of a lesson, all or none, in the order in which they come; one that is there already stays as it is.
 * Ids of those that are stored now, whether by this or an earlier sending; null when there is no such lesson.
 *
 * @throws FaultyInput for balls of players or stations that the lesson does not have, or with the id of another lesson's ball; where that is one
 * that whoever asks may not see, the others are saved
 */
export async function addBalls(
  db: Sql,
  lessonId: string,
  balls: readonly ExchangedBall[],
): Promise<string[] | null> {
  const rows = balls.map(
    ({
      id,
      player,
      station,
      call,
      source,
      hit_at,
      excluded = excludedAtFirst(source),
      ...seen
    }) => ({
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
  const { rows: found } = await db.query<Astray>(
    'select * from mellow_append($1, $2)',
    [lessonId, JSON.stringify(rows)],
    'by statement',
  );
  const unseen = found.filter((ball) => ball.unseen).map(({ id }) => id);
  const here = unseen.length > 0 ? await thoseIn(db, lessonId, unseen) : [];
  const astray = found.filter(({ id }) => !here.includes(id));
  if (astray.some(({ nowhere }) => nowhere)) return null;
  if (astray.length > 0) throw new FaultyInput(astray.flatMap(faultsOf));
  return balls.map(({ id }) => id);
}

/**
 * Puts what was seen of a ball in place of what it was, excludes it, or takes it away and brings it back; null when there is none.
 *
 * @param from its `touched` where it was read, if nobody may have changed it since
 * @throws ChangedElsewhere
 */
export async function changeBall(
  db: Sql,
  id: string,
  { excluded, deleted, ...seen }: BallChange,
  from?: number,
): Promise<StoredBall | null> {
  const change = `
    update balls set
       seen = case when $2::jsonb = '{}'::jsonb then seen else $2::jsonb end,
       excluded = coalesce($3, excluded),
       deleted_at = case when $4::boolean is null then deleted_at when $4 then now() end
     where id = $1 and touched = coalesce($5, touched) returning ${COLUMNS}`;
  const { rows } = await db.query<Row>(
    change,
    [id, JSON.stringify(seen), excluded ?? null, deleted ?? null, from ?? null],
    'by statement',
  );
  if (rows[0]) return ballOf(rows[0]);
  const { rows: here } = await db.query('select 1 from balls where id = $1', [id]);
  if (here.length > 0) throw new ChangedElsewhere('ball');
  return null;
}

/** How many balls the simulated tracker made. */
export async function countSimulated(db: Tx): Promise<number> {
  const { rows } = await db.query<{ count: number }>(
    `select count(*)::int as count from balls where source = 'simulated' and deleted_at is null`,
  );
  return rows[0]!.count;
}

/** Takes away all balls that the simulated tracker made; how many they were. */
export async function removeSimulated(db: Tx): Promise<number> {
  const { rows } = await db.query(
    `update balls set deleted_at = now() where source = 'simulated' and deleted_at is null returning id`,
  );
  return rows.length;
}
