import { wholeData } from '@/app/data';
import { makeTrackerKey } from '@/data/tracker';
import { withJson } from '../../respond';

export const dynamic = 'force-dynamic';

/** Makes a key for a tracker. The body is an empty object: a page of another origin cannot send one. */
export function POST(request: Request): Promise<Response> {
  return withJson(request, async () => {
    const { sql } = await wholeData();
    return Response.json({ key: await makeTrackerKey(sql) });
  });
}
