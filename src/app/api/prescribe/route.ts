import { answer } from '@/core/tell/answer/answer';
import { withJson } from '../respond';

export const dynamic = 'force-dynamic';

export function POST(request: Request): Promise<Response> {
  return withJson(request, (body) =>
    Response.json(answer(body, 'yards', () => performance.now()).sheet),
  );
}
