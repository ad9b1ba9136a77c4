import { drillsById } from '@/core/lesson/drills/chosen';
import { calendarOf } from '@/core/tell/drills/calendar';
import { sessionsFor } from '@/core/lesson/homework/sessions';
import { data } from '@/app/data';
import { listDrills } from '@/app/drills';
import { homeworkById } from '@/data/homework';
import { isId } from '@/data/id';
import { todayIn } from '../../../../today';
import { download, notFound } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/** The sessions of a plan as a calendar file. */
export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const homework = isId(id) ? await homeworkById(sql, id) : null;
  if (!homework) return notFound();
  const drills = drillsById(await listDrills(sql));
  const { plan, playerName, revision, most } = homework;
  const file = calendarOf({
    id,
    plan,
    playerName,
    sessions: sessionsFor(homework, drills, todayIn(plan.zone)),
    drills,
    revision,
    most,
    now: new Date().toISOString(),
  });
  return download(file, 'text/calendar; charset=utf-8', `bunker-practice-${plan.starts_on}.ics`);
}
