import { readAim } from '@/core/tracker/aim';
import { database } from '@/data/database';
import { lessonById } from '@/data/lessons';
import { aimTracker, trackerState } from '@/data/tracker';
import { notFound, refuse, withJson } from '../../respond';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  const { sql } = await database();
  return Response.json(await trackerState(sql));
}

/** Says what the tracker's balls are taken for. */
export function PUT(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const aim = readAim(body);
    const { sql } = await database();
    const lesson = await lessonById(sql, aim.lesson);
    if (!lesson) return notFound();
    if (!lesson.plan.players.includes(aim.player)) {
      return refuse(400, [{ path: 'player', message: `"${aim.player}" is not in this lesson` }]);
    }
    if (aim.station >= lesson.plan.stations.length) {
      const message = `must be under ${lesson.plan.stations.length}, not ${aim.station}`;
      return refuse(400, [{ path: 'station', message }]);
    }
    await aimTracker(sql, aim);
    return Response.json(await trackerState(sql));
  });
}

export async function DELETE(): Promise<Response> {
  const { sql } = await database();
  await aimTracker(sql, null);
  return new Response(null, { status: 204 });
}
