import { fact } from '@/core/ground/fact/fact';
import type { Sql, Tx } from './sql/sql';
import { faulty } from '@/core/contract/check/fault';
import type { Homework } from '@/core/lesson/homework/plan';
import { MOST_RESULTS, type DrillResult } from '@/core/lesson/homework/result';
import { sessionCount } from '@/core/lesson/homework/sessions';
import type { StoredHomework } from '@/core/lesson/homework/stored';
import { inRoster, mayBeSaved } from './standing';

const SELECT = `
  select h.id, h.plan, p.name as "playerName", p.cautions, h.revision, h.most,
    coalesce((select jsonb_agg(jsonb_build_object('id', r.id, 'drill', r.drill,
        'day', to_char(r.day, 'YYYY-MM-DD'), 'count', r.count, 'of', r.of_balls, 'note', r.note)
        order by r.day, r.logged_at, r.id)
      from drill_results r where r.plan_id = h.id and r.deleted_at is null), '[]') as results
  from practice_plans h join players p on p.id = h.player_id and p.deleted_at is null`;

/** Practice that is not deleted, that which begins last first; of one player when an id is given. */
export async function listHomework(
  db: Sql,
  playerId?: string,
  most = 200,
): Promise<StoredHomework[]> {
  const { rows } = await db.query<StoredHomework>(
    `${SELECT} where h.deleted_at is null and ($1::text is null or h.player_id = $1)
     order by h.plan ->> 'starts_on' desc, h.created_at desc limit $2`,
    [playerId ?? null, most],
  );
  return rows;
}

/** One plan of practice; null when there is none. */
export async function homeworkById(db: Sql, id: string): Promise<StoredHomework | null> {
  const { rows } = await db.query<StoredHomework>(
    `${SELECT} where h.id = $1 and h.deleted_at is null`,
    [id],
  );
  return rows[0] ?? null;
}

/**
 * Saves practice under its id, new or in place of what it was.
 *
 * @throws FaultyInput when the player is not in the roster, or the plan was deleted
 */
export function saveHomework(db: Sql, id: string, plan: Homework): Promise<void> {
  return db.transaction(async (tx) => {
    await mayBeSaved(tx, 'practice_plans', id, plan.player);
    await storeHomework(tx, id, plan);
  });
}

/** Writes a plan under its id. Throws FaultyInput when the player is not in the roster. */
async function storeHomework(tx: Pick<Tx, 'query'>, id: string, plan: Homework): Promise<void> {
  const { rows } = await tx.query(
    `insert into practice_plans (id, player_id, plan, most)
     select $1, id, $3, $4 from players where id = $2 and deleted_at is null
     on conflict (id) do update set plan = excluded.plan,
       revision = practice_plans.revision + 1, most = greatest(practice_plans.most, excluded.most)
     returning id`,
    [id, plan.player, JSON.stringify(plan), sessionCount(plan)],
  );
  inRoster(rows, plan.player);
}

/** Marks a plan as deleted, or as not; false when there is none. */
export async function setHomeworkDeleted(db: Sql, id: string, deleted: boolean): Promise<boolean> {
  const { rows } = await db.query(
    'update practice_plans set deleted_at = case when $2 then now() end where id = $1 returning id',
    [id, deleted],
  );
  return rows.length > 0;
}

/**
 * Saves results of a plan, all or none; one that is there already stays as it is. False when there is no such plan.
 *
 * @throws FaultyInput when the plan would hold more than it may
 */
export function addResults(
  db: Sql,
  planId: string,
  results: readonly DrillResult[],
): Promise<boolean> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query<{ here: number }>(
      `select (select count(*)::int from drill_results r where r.plan_id = h.id) as here
       from practice_plans h where h.id = $1 and h.deleted_at is null`,
      [planId],
    );
    const [plan] = rows;
    if (!plan) return false;
    if (plan.here + results.length > MOST_RESULTS) {
      throw faulty('results', fact('homework.mostResults', { mostResults: MOST_RESULTS }));
    }
    await storeResults(tx, planId, results);
    return true;
  });
}

/** Writes results of a plan; those that are there stay as they are. */
export async function storeResults(
  tx: Pick<Tx, 'query'>,
  planId: string,
  results: readonly DrillResult[],
): Promise<void> {
  await tx.query(
    `insert into drill_results (id, plan_id, drill, day, count, of_balls, note)
     select id, $1, drill, day, count, "of", note
     from jsonb_to_recordset($2) as (id uuid, drill text, day date, count integer, "of" integer, note text)
     on conflict (id) do nothing`,
    [planId, JSON.stringify(results)],
  );
}

/** Marks a result as deleted, or as not; false when there is none. */
export async function setResultDeleted(db: Sql, id: string, deleted: boolean): Promise<boolean> {
  const { rows } = await db.query(
    'update drill_results set deleted_at = case when $2 then now() end where id = $1 returning id',
    [id, deleted],
  );
  return rows.length > 0;
}

/** A plan of practice in a player's file, as {@link takeHomework} takes it. */
interface FiledHomework {
  id: string;
  plan: Homework;
  results: readonly DrillResult[];
}

/** Takes practice of a player's file that is not here yet, and results that are not. */
export async function takeHomework(
  tx: Pick<Tx, 'query'>,
  filed: readonly FiledHomework[],
): Promise<void> {
  for (const { id, plan, results } of filed) {
    const { rows } = await tx.query(
      'update practice_plans set deleted_at = null where id = $1 returning id',
      [id],
    );
    if (rows.length === 0) await storeHomework(tx, id, plan);
    await storeResults(tx, id, results);
  }
}
