import { drillsById } from '@/core/lesson/drills/chosen';
import { sessionsFor } from '@/core/lesson/homework/sessions';
import { academyIn } from '@/app/house';
import { data } from '@/app/data';
import { listDrills } from '@/app/drills';
import { homeworkById } from '@/data/homework';
import { isId } from '@/data/id';
import { playerById } from '@/data/players';
import { unitsFrom } from '@/ui/frame/cookies';
import { inThread } from '@/workers/server/pool';
import { notFound, pdfFile, withFaults } from '../../../api/respond';
import { todayIn } from '../../../today';

export const dynamic = 'force-dynamic';

/** Practice as a sheet with boxes to tick; `units`. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const homework = isId(id) ? await homeworkById(sql, id) : null;
  if (!homework) return notFound();
  const { plan, playerName } = homework;
  const [house, player, drills] = await Promise.all([
    academyIn(sql),
    playerById(sql, plan.player),
    listDrills(sql),
  ]);
  const known = drillsById(drills);
  const asked = new URL(request.url).searchParams.get('units') ?? undefined;
  return withFaults(async () => {
    const pdf = await inThread('practicePdf', {
      playerName,
      plan,
      sessions: sessionsFor(homework, known, todayIn(plan.zone)),
      drills: plan.items.flatMap(({ drill }) => known.get(drill) ?? []),
      units: unitsFrom(asked, player?.units ?? house.units),
    });
    return pdfFile(pdf, `practice-${plan.starts_on}.pdf`);
  });
}
