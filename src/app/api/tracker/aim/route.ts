import { fact } from '@/core/ground/fact/fact';
import { readAim, readLeave } from '@/core/lesson/tracker/aim';
import { data } from '@/app/data';
import { lessonById } from '@/data/lessons';
import { aimTracker, leaveTracker, trackerState } from '@/data/tracker';
import { notFound, refuse, withFaults, withJson } from '../../respond';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  const { sql } = await data();
  return Response.json(await trackerState(sql));
}

/** Says what the tracker's balls are taken for. */
export function PUT(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const aim = readAim(body);
    const { sql } = await data();
    const lesson = await lessonById(sql, aim.lesson);
    if (!lesson) return notFound();
    if (!lesson.plan.players.includes(aim.player)) {
      return refuse(400, [
        { path: 'player', message: fact('request.notInLesson', { player: aim.player }) },
      ]);
    }
    if (aim.station >= lesson.plan.stations.length) {
      const message = fact('request.underStations', {
        stations: lesson.plan.stations.length,
        station: aim.station,
      });
      return refuse(400, [{ path: 'station', message }]);
    }
    if (!(await aimTracker(sql, aim))) {
      return refuse(409, [{ path: 'lesson', message: fact('request.trackerTaken') }]);
    }
    return Response.json(await trackerState(sql));
  });
}

/** Takes that word back for a `lesson`, `player` and `station`; the word of another page stays. */
export function DELETE(request: Request): Promise<Response> {
  return withFaults(async () => {
    const { station, ...query } = Object.fromEntries(new URL(request.url).searchParams);
    const who = readLeave({ ...query, ...(station ? { station: Number(station) } : {}) });
    const { sql } = await data();
    await leaveTracker(sql, who);
    return new Response(null, { status: 204 });
  });
}
