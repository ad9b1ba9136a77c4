import type { Sql } from './sql/sql';
import { glanceOf, type Glance } from '@/core/lesson/review/glance';
import type { CalledBall } from '@/core/lesson/review/against';
import type { LessonPlan } from '@/core/lesson/plan/lesson';

/** Most balls that are read for one month: the lessons past them, older ones, are not told. */
const MOST_BALLS = 5000;

type Ball = Pick<CalledBall, 'station' | 'call' | 'excluded'> & {
  player: string;
  seen: Omit<CalledBall, 'station' | 'call' | 'excluded'>;
};

interface Row {
  id: string;
  plan: LessonPlan;
  balls: Ball[];
}

/**
 * What the lessons of a month came to, by their ids; lessons without balls are left out.
 *
 * @param month YYYY-MM
 */
export async function glancesOfMonth(db: Sql, month: string): Promise<Record<string, Glance>> {
  const { rows } = await db.query<Row>(
    `with held as (
       select l.id, l.plan, count(b.id) as balls,
         sum(count(b.id)) over (order by l.held_on desc, l.created_at desc) as so_far
       from lessons l join balls b on b.lesson_id = l.id and b.deleted_at is null
       where l.deleted_at is null and to_char(l.held_on, 'YYYY-MM') = $1
       group by l.id
     )
     select h.id, h.plan, jsonb_agg(jsonb_build_object('player', b.player_id, 'station', b.station,
       'call', b.call, 'seen', b.seen, 'excluded', b.excluded) order by b.seq) as balls
     from held h join balls b on b.lesson_id = h.id and b.deleted_at is null
     where h.so_far <= $2 group by h.id, h.plan`,
    [month, MOST_BALLS],
  );
  return Object.fromEntries(
    rows.map(({ id, plan, balls }) => [
      id,
      glanceOf(
        plan,
        balls.map(({ seen, ...ball }) => ({ ...ball, ...seen })),
      ),
    ]),
  );
}
