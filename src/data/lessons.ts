import type { PGlite } from '@electric-sql/pglite';
import type { LessonPlan } from '@/core/lesson/lesson';

/** A lesson as it is stored. */
export interface StoredLesson {
  id: string;
  plan: LessonPlan;
  players: { id: string; name: string }[];
  balls: number;
  summary: string;
  homework: string;
  closed: boolean;
  /** ISO 8601, UTC. */
  createdAt: string;
}

const SELECT = `
  select l.id, l.plan, l.summary, l.homework, l.closed_at is not null as closed,
    to_char(l.created_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as "createdAt",
    coalesce((select jsonb_agg(jsonb_build_object('id', p.id, 'name', p.name) order by lp.position)
       from lesson_players lp join players p on p.id = lp.player_id
       where lp.lesson_id = l.id), '[]') as players,
    (select count(*) from balls b where b.lesson_id = l.id and b.deleted_at is null) as balls
  from lessons l`;

/** Lessons that are not deleted, latest day first; of one player when an id is given. */
export async function listLessons(db: PGlite, playerId?: string): Promise<StoredLesson[]> {
  const { rows } = await db.query<StoredLesson>(
    `${SELECT} where l.deleted_at is null and ($1::text is null or exists
       (select 1 from lesson_players lp where lp.lesson_id = l.id and lp.player_id = $1))
     order by l.held_on desc, l.created_at desc limit 200`,
    [playerId ?? null],
  );
  return rows;
}

/** One lesson; null when there is none. */
export async function lessonById(db: PGlite, id: string): Promise<StoredLesson | null> {
  const { rows } = await db.query<StoredLesson>(
    `${SELECT} where l.id = $1 and l.deleted_at is null`,
    [id],
  );
  return rows[0] ?? null;
}

/**
 * Saves a lesson's plan under its id, new or in place of what it was. The names of players who are not in the roster come
 * back, and then nothing is saved.
 */
export async function saveLesson(db: PGlite, id: string, plan: LessonPlan): Promise<string[]> {
  return db.transaction(async (tx) => {
    const { rows: known } = await tx.query<{ id: string }>(
      `select id from players where deleted_at is null and id in
         (select jsonb_array_elements_text($1::jsonb))`,
      [JSON.stringify(plan.players)],
    );
    const missing = plan.players.filter((player) => !known.some((each) => each.id === player));
    if (missing.length > 0) return missing;
    await tx.query(
      `insert into lessons (id, held_on, place, plan) values ($1, $2, $3, $4)
       on conflict (id) do update
       set held_on = excluded.held_on, place = excluded.place, plan = excluded.plan`,
      [id, plan.held_on, plan.place, JSON.stringify(plan)],
    );
    await tx.query('delete from lesson_players where lesson_id = $1', [id]);
    await tx.query(
      `insert into lesson_players (lesson_id, player_id, position)
       select $1, value, ordinality from jsonb_array_elements_text($2::jsonb) with ordinality`,
      [id, JSON.stringify(plan.players)],
    );
    return [];
  });
}

/** Closes a lesson with its summary and homework, or opens it again; false when there is none. */
export async function closeLesson(
  db: PGlite,
  id: string,
  { summary, homework, closed }: { summary: string; homework: string; closed: boolean },
): Promise<boolean> {
  const { rows } = await db.query(
    `update lessons set summary = $2, homework = $3,
       closed_at = case when $4 then coalesce(closed_at, now()) end
     where id = $1 and deleted_at is null returning id`,
    [id, summary, homework, closed],
  );
  return rows.length > 0;
}

/** Marks a lesson as deleted, or as not; false when there is none. */
export async function setLessonDeleted(db: PGlite, id: string, deleted: boolean): Promise<boolean> {
  const { rows } = await db.query(
    'update lessons set deleted_at = case when $2 then now() end where id = $1 returning id',
    [id, deleted],
  );
  return rows.length > 0;
}
