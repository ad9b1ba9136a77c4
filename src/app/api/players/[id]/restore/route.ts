import { data } from '@/app/data';
import { markPlayer, playerById } from '@/data/players';
import { notFound, withFaults } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

export function POST(_request: Request, { params }: IdContext): Promise<Response> {
  return withFaults(async () => {
    const { id } = await params;
    const { sql } = await data();
    if (!(await markPlayer(sql, id, 'deleted', false))) return notFound();
    return Response.json(await playerById(sql, id));
  });
}
