import { fact } from '@/core/ground/fact/fact';
import { MODEL_VERSION } from '@/core/tell/sheet/callSheet';
import { readKeepRequest } from '@/core/contract/reading/keepSchema';
import { data } from '@/app/data';
import { listReadings, saveReading } from '@/data/readings';
import { refuse, withJson } from '../respond';

export const dynamic = 'force-dynamic';

const LONGEST_SEARCH = 120;

export async function GET(request: Request): Promise<Response> {
  const search = new URL(request.url).searchParams.get('search') ?? '';
  if (search.length > LONGEST_SEARCH) {
    const message = fact('check.mostCharacters', {
      most: LONGEST_SEARCH,
    });
    return refuse(400, [{ path: 'search', message }]);
  }
  const { sql } = await data();
  return Response.json(await listReadings(sql, search.trim()));
}

export function POST(request: Request): Promise<Response> {
  return withJson(request, async (body) => {
    const reading = readKeepRequest(body);
    const { sql } = await data();
    const kept = await saveReading(sql, { ...reading, model: MODEL_VERSION });
    if (kept) return Response.json(kept, { status: 201 });
    return refuse(400, [{ path: 'playerId', message: fact('request.noPlayer') }]);
  });
}
