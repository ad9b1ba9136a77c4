import { isDeepStrictEqual } from 'node:util';
import { fact } from '@/core/ground/fact/fact';
import { faulty } from '@/core/contract/check/fault';
import { codeOf } from './sql/codeOf';
import type { Sql, Transaction, Tx } from './sql/sql';
import { within } from './sql/within';
import type { PlayerFile, PlayerImported } from '@/core/lesson/exchange/playerFile';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { addBalls } from './balls';
import { takeTests } from './bunkerTests';
import { saveContact } from './contacts';
import { nameIn } from './erasing/names';
import { cleaned } from './erasing/prose';
import { storeEyeResults } from './eye';
import { takeHomework } from './homework';
import { storeClosing, storePlan } from './lessons';
import { insertPlayers } from './players';

type Queries = Pick<Tx, 'query'>;

/** How many rows a statement wrote. */
async function written(tx: Queries, sql: string, params: unknown[]): Promise<number> {
  const { affectedRows } = await tx.query(sql, params);
  return affectedRows ?? 0;
}

/** The player, new under the id that it had, or taken out of what was deleted; true when the roster held it already. */
async function takePlayer(tx: Tx, file: PlayerFile): Promise<boolean> {
  const known = await written(
    tx,
    'update players set deleted_at = null where id = $1 returning id',
    [file.id],
  );
  if (known > 0) return true;
  try {
    await insertPlayers(tx, [{ id: file.id, ...file.player }]);
  } catch (error) {
    // Nothing was seen under this id, and yet it is taken (SQLSTATE 23505).
    if (codeOf(error) !== '23505') throw error;
    throw faulty('id', fact('kept.otherCoachsPlayer'));
  }
  if (file.contact) await saveContact(tx, file.id, file.contact);
  await tx.query(
    `update players set learnt = $2, archived_at = case when $3 then now() end where id = $1`,
    [file.id, file.learnt ? JSON.stringify(file.learnt) : null, file.archived],
  );
  await tx.query(
    `insert into learnings (player_id, version, factors, accepted_at)
     select $1, version, factors, decided_at
     from jsonb_to_recordset($2) as (decision text, version integer, factors jsonb, decided_at timestamptz)
     where decision = 'accepted' and version is not null and factors is not null
     on conflict (player_id, version) do nothing`,
    [file.id, JSON.stringify(file.learnings)],
  );
  await tx.query(
    `insert into learning_decisions (player_id, decision, version, balls, decided_at)
     select $1, decision, version, balls, decided_at
     from rows from (jsonb_to_recordset($2) as (decision text, version integer, balls integer, decided_at timestamptz))
       with ordinality as r (decision, version, balls, decided_at, nth)
     order by nth`,
    [file.id, JSON.stringify(file.learnings)],
  );
  return false;
}

/** Kept readings, drafts and shots off grass that are not here yet; how many readings and shots there were of these. */
async function takeReadings(
  tx: Queries,
  { id, readings, drafts, grass_shots }: PlayerFile,
): Promise<{ readings: number; grassShots: number }> {
  const kept = await written(
    tx,
    `insert into readings (id, name, player_id, shot, called, model, learnt, saved_at)
     select id, name, $1, shot, called, model, learnt, saved_at
     from jsonb_to_recordset($2) as (id uuid, name text, shot jsonb, called text, model text, learnt integer,
       saved_at timestamptz)
     on conflict (id) do nothing`,
    [id, JSON.stringify(readings)],
  );
  await tx.query(
    `insert into drafts (id, player_id, shot, called, saved_at)
     select id, $1, shot, called, saved_at
     from jsonb_to_recordset($2) as (id uuid, shot jsonb, called text, saved_at timestamptz)
     on conflict (id) do nothing`,
    [id, JSON.stringify(drafts)],
  );
  const grassShots = await written(
    tx,
    `insert into grass_shots (player_id, club, carry_m, hit_at)
     select $1, club, carry_m, hit_at
     from rows from (jsonb_to_recordset($2) as (club text, carry_m double precision, hit_at timestamptz))
       with ordinality as r (club, carry_m, hit_at, nth)
     where not exists (select from grass_shots g
       where g.player_id = $1 and g.club = r.club and g.carry_m = r.carry_m
         and date_trunc('milliseconds', g.hit_at) = r.hit_at)
     order by nth desc`,
    [id, JSON.stringify(grass_shots)],
  );
  return { readings: kept, grassShots };
}

/** The players of a plan with one of them put back where the file has it. */
function withPlayer(plan: LessonPlan, from: LessonPlan, id: string): LessonPlan {
  const here = new Set([...plan.players, id]);
  const players = from.players.filter((player) => here.has(player));
  return { ...plan, players: [...players, ...plan.players.filter((p) => !players.includes(p))] };
}

/** Puts the player's own homework back, and the name into texts of a lesson that nobody has changed since it was taken out of them. */
async function nameAgain(
  tx: Queries,
  { plan, summary, homework, own_homework = [], id }: PlayerFile['lessons'][number],
  name: string,
): Promise<void> {
  const { rows } = await tx.query<Texts>(
    `update lessons set own_homework = own_homework || $2::jsonb where id = $1
     returning place, summary, homework, plan`,
    [id, JSON.stringify(own_homework)],
  );
  const here = rows[0]!;
  const named = nameIn(name);
  const filed = { place: plan.place, summary, homework, plan: here.plan };
  const told = unchanged(filed, here, (text) => cleaned(text, named, false));
  const planned = unchanged({ ...plan, players: here.plan.players }, here.plan, (part) =>
    cleaned(part, named, true),
  );
  await tx.query(
    'update lessons set place = $2, summary = $3, homework = $4, plan = $5 where id = $1',
    [id, told.place, told.summary, told.homework, JSON.stringify(planned)],
  );
}

/** What of a lesson may name somebody. */
interface Texts {
  place: string;
  summary: string;
  homework: string;
  plan: LessonPlan;
}

/** What stands here, with that of a file instead where only the name was taken out of it. */
const unchanged = <T extends object>(filed: T, here: T, clean: (value: unknown) => unknown): T =>
  Object.fromEntries(
    Object.entries(here).map(([key, value]) => {
      const was: unknown = filed[key as keyof T];
      return [key, isDeepStrictEqual(clean(was), value) ? was : value];
    }),
  ) as T;

/** The lessons of the file and the player's balls in them; how many were not here before. */
async function takeLessons(
  tx: Transaction,
  file: PlayerFile,
): Promise<{ lessons: number; balls: number }> {
  const { rows: roster } = await tx.query<{ id: string }>(
    'select id from players where deleted_at is null',
  );
  const here = new Set(roster.map(({ id }) => id));
  let lessons = 0;
  for (const lesson of file.lessons) {
    const { id, plan } = lesson;
    const { rows } = await tx.query<{ plan: LessonPlan }>(
      'update lessons set deleted_at = null where id = $1 returning plan',
      [id],
    );
    const [stands] = rows;
    if (!stands) {
      const players = plan.players.filter((player) => here.has(player));
      await storePlan(tx, id, { ...plan, players });
      await storeClosing(tx, id, lesson);
      lessons += 1;
    } else if (!stands.plan.players.includes(file.id)) {
      await storePlan(tx, id, withPlayer(stands.plan, plan, file.id));
      await nameAgain(tx, lesson, file.player.name);
    }
  }
  const count = async (): Promise<number> => {
    const { rows } = await tx.query<{ count: number }>(
      'select count(*)::int as count from balls where player_id = $1',
      [file.id],
    );
    return rows[0]!.count;
  };
  const before = await count();
  // Runs of balls of one lesson, so that the order in which they were hit stays.
  for (let i = 0; i < file.balls.length;) {
    const { lesson } = file.balls[i]!;
    let end = i;
    while (end < file.balls.length && file.balls[end]!.lesson === lesson) end += 1;
    await addBalls(
      within(tx),
      lesson,
      file.balls.slice(i, end).map(({ lesson: _lesson, ...ball }) => ball),
    );
    i = end;
  }
  return { lessons, balls: (await count()) - before };
}

/**
 * Takes a player's file, all of it or nothing: a player who is not in the roster comes back whole under the id that it had; of one
 * who is, the record stays, and what is missing of readings, shots, lessons and balls is added. Of a lesson that is here
 * already the plan stays, with the player in it again; of one that is not, other players come along only if the roster has them.
 *
 * @param accept false undoes all of it again: what is given back is what would become of the file
 * @throws FaultyInput for balls that do not belong to their lesson
 */
export async function bringBack(
  db: Sql,
  file: PlayerFile,
  accept: boolean,
): Promise<PlayerImported> {
  return db.transaction(async (tx) => {
    const known = await takePlayer(tx, file);
    const { readings, grassShots } = await takeReadings(tx, file);
    const { lessons, balls } = await takeLessons(tx, file);
    await takeHomework(tx, file.practice ?? []);
    await takeTests(tx, file.tests ?? []);
    await storeEyeResults(tx, file.eye ?? []);
    if (!accept) await tx.rollback();
    return { id: file.id, name: file.player.name, known, readings, lessons, balls, grassShots };
  });
}
