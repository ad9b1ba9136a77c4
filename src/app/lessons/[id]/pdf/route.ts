import { fact } from '@/core/ground/fact/fact';
import { homeworkFor } from '@/core/lesson/plan/lesson';
import { reportOf } from '@/core/tell/lessons/report';
import { academyIn } from '@/app/house';
import { ballsOfLesson } from '@/data/balls';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { lessonById } from '@/data/lessons';
import { playersById } from '@/data/players';
import { unitsFrom } from '@/ui/frame/cookies';
import { inThread } from '@/workers/server/pool';
import { notFound, pdfFile, refuse, withFaults } from '../../../api/respond';

export const dynamic = 'force-dynamic';

/** A lesson as a PDF: all of it, or with `player` the card that this player takes home; `units`. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const { id } = await params;
  const { sql } = await data();
  const lesson = isId(id) ? await lessonById(sql, id) : null;
  if (!lesson) return notFound();
  const { plan, summary } = lesson;
  const one = query.get('player');
  if (one !== null && !plan.players.includes(one)) {
    return refuse(400, [{ path: 'player', message: fact('request.notInLesson', { player: one }) }]);
  }
  const [house, balls, players] = await Promise.all([
    academyIn(sql),
    ballsOfLesson(sql, id),
    playersById(sql, one === null ? plan.players : [one]),
  ]);
  if (players.length === 0) return notFound();
  const reports = players.map((player) =>
    reportOf(
      player,
      plan,
      balls.filter((ball) => ball.player === player.id),
    ),
  );
  const own = one === null ? house.units : (players[0]!.units ?? house.units);
  const name = one === null ? `lesson-${plan.held_on}` : `${one}-${plan.held_on}`;
  return withFaults(async () => {
    const pdf = await inThread('lessonPdf', {
      plan,
      summary,
      homework: one === null ? lesson.homework : homeworkFor(lesson, one),
      own: one === null ? lesson.own_homework : [],
      reports,
      card: one !== null,
      units: unitsFrom(query.get('units') ?? undefined, own),
    });
    return pdfFile(pdf, `${name}.pdf`);
  });
}
