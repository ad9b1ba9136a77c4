import { readCoaches } from '@/core/lesson/coaches/sharing';
import { data } from '@/app/data';
import { coachesOf, setCoaches } from '@/data/access/coaches';
import type { IdContext } from '../../../idContext';
import { notFound, withFaults, withJson } from '../../../respond';

export const dynamic = 'force-dynamic';

/** The coaches of the academy, and which of them coach the player. */
export const GET = (_request: Request, { params }: IdContext): Promise<Response> =>
  withFaults(async () => {
    const { sql } = await data();
    return Response.json(await coachesOf(sql, (await params).id));
  });

/** Says who coaches the player: nobody for everybody. */
export const PUT = (request: Request, { params }: IdContext): Promise<Response> =>
  withJson(request, async (body) => {
    const coaches = readCoaches(body);
    const { sql } = await data();
    const { id } = await params;
    if (!(await setCoaches(sql, id, coaches))) return notFound();
    return Response.json(await coachesOf(sql, id));
  });
