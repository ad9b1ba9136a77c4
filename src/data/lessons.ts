import { fact } from '@/core/ground/fact/fact';
import type { Sql, Tx } from './sql/sql';
import { faulty, FaultyInput, type Fault } from '@/core/contract/check/fault';
import type { Imported, LessonFile } from '@/core/lesson/exchange/exchange';
import type { LessonClosing, LessonPlan } from '@/core/lesson/plan/lesson';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { addBalls } from './balls';
import { within } from './sql/within';
import { ChangedElsewhere } from './standing';

/** What coaches write of a lesson; an assistant is not shown it. */
const NOTED = `
    case mellow_role() when 'assistant' then jsonb_set(l.plan, '{notes}', '""') else l.plan end as plan,
    case mellow_role() when 'assistant' then '' else l.summary end as summary,
    case mellow_role() when 'assistant' then '' else l.homework end as homework,
    case mellow_role() when 'assistant' then '[]' else l.own_homework end as own_homework`;

const SELECT = `
  select l.id, md5(l.plan::text) as version, ${NOTED}, l.closed_at is not null as closed,
    to_char(l.created_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as "createdAt",
    coalesce((select jsonb_agg(jsonb_build_object('id', p.id, 'name', p.name) order by nth)
       from jsonb_array_elements_text(l.plan -> 'players') with ordinality as own (player, nth)
       join players p on p.id = player), '[]') as players,
    (select count(*) from balls b where b.lesson_id = l.id and b.deleted_at is null) as balls
  from lessons l`;

/** Lessons that are not deleted, latest day first; of one player when an id is given. */
export async function listLessons(db: Sql, playerId?: string, most = 200): Promise<StoredLesson[]> {
  const { rows } = await db.query<StoredLesson>(
    `${SELECT} where l.deleted_at is null and ($1::text is null or l.plan -> 'players' ? $1)
     order by l.held_on desc, l.created_at desc limit $2`,
    [playerId ?? null, most],
  );
  return rows;
}

/** One lesson; null when there is none. */
export async function lessonById(db: Sql, id: string): Promise<StoredLesson | null> {
  const { rows } = await db.query<StoredLesson>(
    `${SELECT} where l.id = $1 and l.deleted_at is null`,
    [id],
  );
  return rows[0] ?? null;
}

type Queries = Pick<Tx, 'query'>;

/** A player of a lesson who is in the roster, and whether who asks may see that one. */
interface Partner {
  player: string;
  seen: boolean;
}

/** The players of a lesson that stands, whoever asks. */
async function partnersIn(tx: Queries, id: string): Promise<Partner[]> {
  const { rows } = await tx.query<Partner>('select player, seen from mellow_lesson_players($1)', [
    id,
  ]);
  return rows;
}

/** What a plan leaves out of what other coaches have in it: who may not see a player does not take that one out. */
const leftOut = (plan: LessonPlan, partners: readonly Partner[]): Fault[] =>
  partners.some(({ player, seen }) => !seen && !plan.players.includes(player))
    ? [
        {
          path: 'players',
          message: fact('kept.otherCoachsPlayers'),
        },
      ]
    : [];

/** Players of a plan who are neither in the roster nor among those who are in the lesson already, as faults at a path. */
async function unknownPlayers(
  tx: Queries,
  players: readonly string[],
  path: string,
  partners: readonly Partner[] = [],
): Promise<Fault[]> {
  const { rows } = await tx.query<{ id: string }>(
    `select id from players where deleted_at is null and id in
       (select jsonb_array_elements_text($1::jsonb))`,
    [JSON.stringify(players)],
  );
  return players.flatMap((player, i) =>
    rows.some(({ id }) => id === player) || partners.some((each) => each.player === player)
      ? []
      : [
          {
            path: `${path}[${i}]`,
            message: fact('kept.noPlayer', { player }),
          },
        ],
  );
}

/** What a changed plan would take from under balls that are logged: their player, their station, or the shot of it. */
async function heldByBalls(tx: Queries, id: string, plan: LessonPlan): Promise<Fault[]> {
  const { rows } = await tx.query<{
    player: string;
    station: number;
    balls: number;
    same: boolean;
  }>(
    `select b.player, b.station, b.balls,
       l.plan #> array['stations', b.station::text, 'shot']
         is not distinct from $2::jsonb #> array['stations', b.station::text, 'shot'] as same
     from mellow_lesson_balls($1) b, lessons l where l.id = $1 order by b.station, b.player`,
    [id, JSON.stringify(plan)],
  );
  return rows.flatMap(({ player, station, balls, same }) => [
    ...(plan.players.includes(player)
      ? []
      : [
          {
            path: 'players',
            message: fact('kept.playerHasBalls', { player, balls, station: station + 1 }),
          },
        ]),
    ...(same
      ? []
      : [
          {
            path: `stations[${station}]`,
            message: fact('kept.stationHasBalls', { balls }),
          },
        ]),
  ]);
}

/** Writes a plan under its id, new or in place of what it was. */
export async function storePlan(tx: Queries, id: string, plan: LessonPlan): Promise<void> {
  await tx.query(
    `insert into lessons (id, held_on, place, plan) values ($1, $2, $3, $4)
     on conflict (id) do update
     set held_on = excluded.held_on, place = excluded.place, plan = excluded.plan`,
    [id, plan.held_on, plan.place, JSON.stringify(plan)],
  );
}

/**
 * Saves a lesson's plan under its id, new or in place of what it was.
 *
 * @param from the version that it was changed from, '' for a new one; whatever stands there is replaced when it is absent
 * @throws ChangedElsewhere when another version stands there; FaultyInput when a player is not in the roster, when balls are logged for what
 *   the plan leaves out, or when it leaves out a player whom who asks may not see; then nothing is saved
 */
export function saveLesson(db: Sql, id: string, plan: LessonPlan, from?: string): Promise<void> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query<{ deleted: boolean; version: string }>(
      'select deleted_at is not null as deleted, md5(plan::text) as version from lessons where id = $1',
      [id],
    );
    const [stands] = rows;
    if (stands?.deleted) {
      throw faulty('id', fact('kept.lessonDeleted'));
    }
    if (from !== undefined && (stands?.version ?? '') !== from) throw new ChangedElsewhere('plan');
    const partners = await partnersIn(tx, id);
    const faults = [
      ...(await unknownPlayers(tx, plan.players, 'players', partners)),
      ...leftOut(plan, partners),
      ...(await heldByBalls(tx, id, plan)),
    ];
    if (faults.length > 0) throw new FaultyInput(faults);
    await storePlan(tx, id, plan);
  });
}

/**
 * Takes a lesson's file, all of it or nothing. Of a lesson that is there already only the balls that are missing are taken;
 * one that was deleted is brought back.
 *
 * @throws FaultyInput for players who are not in the roster, and for balls that do not belong to the lesson
 */
export function importLesson(db: Sql, file: LessonFile): Promise<Imported> {
  const { id, plan, balls } = file;
  const count = async (tx: Queries): Promise<number> =>
    (
      await tx.query<{ count: number }>(
        'select count(*)::int as count from balls where lesson_id = $1',
        [id],
      )
    ).rows[0]!.count;
  return db.transaction(async (tx) => {
    const { rows } = await tx.query(
      'update lessons set deleted_at = null where id = $1 returning id',
      [id],
    );
    const known = rows.length > 0;
    if (!known) {
      const faults = await unknownPlayers(tx, plan.players, 'plan.players');
      if (faults.length > 0) throw new FaultyInput(faults);
      await storePlan(tx, id, plan);
      await storeClosing(tx, id, file);
    }
    const before = await count(tx);
    if (balls.length > 0) await addBalls(within(tx), id, balls);
    return { id, known, added: (await count(tx)) - before };
  });
}

/** Writes how a lesson is closed; false when there is none. */
export async function storeClosing(
  tx: Queries,
  id: string,
  { summary, homework, own_homework = [], closed }: LessonClosing,
): Promise<boolean> {
  const { rows } = await tx.query(
    `update lessons set summary = $2, homework = $3, own_homework = $5,
       closed_at = case when $4 then coalesce(closed_at, now()) end
     where id = $1 and deleted_at is null returning id`,
    [
      id,
      summary,
      homework,
      closed,
      JSON.stringify(own_homework.filter(({ text }) => text.trim() !== '')),
    ],
  );
  return rows.length > 0;
}

/** Closes a lesson with its summary and homework, or opens it again; false when there is none. */
export const closeLesson = (db: Sql, id: string, closing: LessonClosing): Promise<boolean> =>
  storeClosing(db, id, closing);

/** Marks a lesson as deleted, or as not; false when there is none. */
export async function setLessonDeleted(db: Sql, id: string, deleted: boolean): Promise<boolean> {
  const { rows } = await db.query(
    'update lessons set deleted_at = case when $2 then now() end where id = $1 returning id',
    [id, deleted],
  );
  return rows.length > 0;
}
