import { simulate } from '@/core/tell/answer/simulation';
import { withJson } from '../respond';

export const dynamic = 'force-dynamic';

export function POST(request: Request): Promise<Response> {
  return withJson(request, (body) => Response.json(simulate(body)));
}
