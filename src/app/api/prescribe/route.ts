import { inThread } from '@/workers/server/pool';
import { withJson } from '../respond';

export const dynamic = 'force-dynamic';

export function POST(request: Request): Promise<Response> {
  return withJson(request, async (body) => Response.json(await inThread('sheet', body)));
}
