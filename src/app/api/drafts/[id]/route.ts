import { fact } from '@/core/ground/fact/fact';
import { readDraftRequest } from '@/core/contract/reading/keepSchema';
import { data } from '@/app/data';
import { removeDraft, saveDraft } from '@/data/drafts';
import { isId } from '@/data/id';
import { refuse, whenDone, withJson, noUuid } from '../../respond';

export const dynamic = 'force-dynamic';

interface Context {
  params: Promise<{ id: string }>;
}

export function PUT(request: Request, { params }: Context): Promise<Response> {
  return withJson(request, async (body) => {
    const draft = readDraftRequest(body);
    const { id } = await params;
    if (!isId(id)) return noUuid();
    const { sql } = await data();
    const saved = await saveDraft(sql, id, draft);
    if (saved) return new Response(null, { status: 204 });
    return refuse(400, [{ path: 'playerId', message: fact('request.noPlayer') }]);
  });
}

export function DELETE(_request: Request, { params }: Context): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && removeDraft(sql, id);
  });
}
