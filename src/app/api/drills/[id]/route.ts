import { readDrill } from '@/core/lesson/drills/drill';
import { data } from '@/app/data';
import { listDrills } from '@/app/drills';
import { removeDrill, saveDrills } from '@/data/drills';
import { whenDone, withJson } from '../../respond';
import { drillId, type DrillContext } from './context';

export const dynamic = 'force-dynamic';

/** Saves a drill under its id: an own one, or a change of the library's. */
export function PUT(request: Request, context: DrillContext): Promise<Response> {
  return withJson(request, async (body) => {
    const drill = readDrill(body);
    const id = await drillId(context);
    const { sql } = await data();
    await saveDrills(sql, [{ id, ...drill }]);
    return Response.json((await listDrills(sql)).find((each) => each.id === id));
  });
}

/** Takes an own drill away, or the change of one of the library's. */
export function DELETE(_request: Request, context: DrillContext): Promise<Response> {
  return whenDone(async () => {
    const id = await drillId(context);
    const { sql } = await data();
    return removeDrill(sql, id);
  });
}
