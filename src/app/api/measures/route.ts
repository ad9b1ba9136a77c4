import { fact } from '@/core/ground/fact/fact';
import { data } from '@/app/data';
import { measuresSince } from '@/data/places';
import { refuse } from '../respond';

export const dynamic = 'force-dynamic';

/** What devices measured since the number `since`, and up to which number; nothing yet where it is absent. */
export async function GET(request: Request): Promise<Response> {
  const text = new URL(request.url).searchParams.get('since');
  const since = text === null ? null : Number(text);
  if (since !== null && !Number.isSafeInteger(since)) {
    return refuse(400, [
      { path: 'since', message: fact('request.wholeNumber', { text: String(text) }) },
    ]);
  }
  const { sql } = await data();
  return Response.json(await measuresSince(sql, since));
}
