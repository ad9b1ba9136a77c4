import { accountAsking } from '@/app/data';
import { ofPlayer } from '@/app/ofPlayer';
import { withdrawLink } from '@/data/access/links';
import { isId } from '@/data/id';
import { whenDone } from '../../../../respond';

export const dynamic = 'force-dynamic';

/** Withdraws a link: it opens nothing from now on. */
export const DELETE = (
  _request: Request,
  { params }: { params: Promise<{ id: string; link: string }> },
): Promise<Response> =>
  whenDone(async () => {
    const { id, link } = await params;
    const sql = await ofPlayer(id);
    if (!sql || !isId(link)) return false;
    return withdrawLink(sql, id, link, await accountAsking());
  });
