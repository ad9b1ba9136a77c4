import { fact } from '@/core/ground/fact/fact';
import { readLinkDays } from '@/core/lesson/coaches/sharing';
import { accountAsking } from '@/app/data';
import { ofPlayer } from '@/app/ofPlayer';
import { linksOf, makeLink, MOST_LINKS } from '@/data/access/links';
import type { IdContext } from '../../../idContext';
import { notFound, refuse, withFaults, withJson } from '../../../respond';

export const dynamic = 'force-dynamic';

/** Links to what is the player's own that are good. */
export const GET = (_request: Request, { params }: IdContext): Promise<Response> =>
  withFaults(async () => {
    const { id } = await params;
    const sql = await ofPlayer(id);
    return sql ? Response.json(await linksOf(sql, id)) : notFound();
  });

/** Makes one; its address is told once. */
export const POST = (request: Request, { params }: IdContext): Promise<Response> =>
  withJson(request, async (body) => {
    const days = readLinkDays(body);
    const { id } = await params;
    const sql = await ofPlayer(id);
    if (!sql) return notFound();
    const made = await makeLink(sql, id, days, await accountAsking());
    if (!made) {
      const message = fact('request.mostLinks', {
        mostLinks: MOST_LINKS,
      });
      return refuse(409, [{ path: 'links', message }]);
    }
    return Response.json({ id: made.id, path: `/p/${made.token}` }, { status: 201 });
  });
