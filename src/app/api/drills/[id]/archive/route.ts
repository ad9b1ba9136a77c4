import { readArchiveRequest } from '@/core/lesson/players/requests';
import { data } from '@/app/data';
import { archiveDrill } from '@/data/drills';
import { whenDone, withJson } from '../../../respond';
import { drillId, type DrillContext } from '../context';

export const dynamic = 'force-dynamic';

/** Takes a drill out of what is offered, or puts it back. */
export function POST(request: Request, context: DrillContext): Promise<Response> {
  return withJson(request, (body) =>
    whenDone(async () => {
      const { archived } = readArchiveRequest(body);
      const id = await drillId(context);
      const { sql } = await data();
      return archiveDrill(sql, id, archived);
    }),
  );
}
