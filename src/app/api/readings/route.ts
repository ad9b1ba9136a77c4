import { MODEL_VERSION } from '@/core/contract/callSheet';
import { readKeepRequest } from '@/core/reading/keepSchema';
import { database } from '@/data/database';
import { listReadings, saveReading } from '@/data/readings';
import { refuse, withJson } from '../respond';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  const { sql } = await database();
  return Response.json(await listReadings(sql));
}

export function POST(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const reading = readKeepRequest(body);
    const { sql } = await database();
    const kept = await saveReading(sql, { ...reading, model: MODEL_VERSION });
    if (kept) return Response.json(kept, { status: 201 });
    return refuse(400, [{ path: 'playerId', message: 'there is no such player' }]);
  });
}
