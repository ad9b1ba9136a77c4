import { fact } from '@/core/ground/fact/fact';
import { ballsCsv, LESSON_FORMAT, type LessonFile } from '@/core/lesson/exchange/exchange';
import { ballsOfLesson } from '@/data/balls';
import { academyIn } from '@/app/house';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { lessonById } from '@/data/lessons';
import { unitsFrom } from '@/ui/frame/cookies';
import { download, notFound, refuse } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/** A lesson with its balls as a file: `as=json`, which can be imported again, or `as=csv` in the `units` asked for. */
export async function GET(request: Request, { params }: IdContext): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const as = query.get('as') ?? 'json';
  if (as !== 'csv' && as !== 'json') {
    return refuse(400, [{ path: 'as', message: fact('request.csvOrJson', { as }) }]);
  }
  const { id } = await params;
  const { sql } = await data();
  const lesson = isId(id) ? await lessonById(sql, id) : null;
  if (!lesson) return notFound();
  const balls = await ballsOfLesson(sql, id);
  const file: LessonFile = {
    format: LESSON_FORMAT,
    version: 1,
    id,
    plan: lesson.plan,
    summary: lesson.summary,
    homework: lesson.homework,
    own_homework: lesson.own_homework,
    closed: lesson.closed,
    balls: balls.map(({ seq: _seq, touched: _touched, ...ball }) => ball),
  };
  const name = `lesson-${lesson.plan.held_on}`;
  if (as === 'json') {
    return download(JSON.stringify(file, null, 2), 'application/json', `${name}.json`);
  }
  const names = Object.fromEntries(lesson.players.map((player) => [player.id, player.name]));
  const units = unitsFrom(query.get('units') ?? undefined, (await academyIn(sql)).units);
  return download(ballsCsv(file, names, units), 'text/csv; charset=utf-8', `${name}.csv`);
}
