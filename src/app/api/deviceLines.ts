import { fact } from '@/core/ground/fact/fact';
import type { Sql } from '@/data/sql/sql';
import { FaultyInput, parseJson, type Fault } from '@/core/contract/check/fault';
import { sayFaults } from '@/core/tell/facts/faultWords';
import { database } from '@/data/database';
import { isTrackerKey } from '@/data/tracker';
import { MOST } from './bounds';
import { mediaTypeOf, refuse, withText } from './respond';

const TYPES = ['application/x-ndjson', 'application/jsonl'];

/** Takes in what one line says, and gives the id under which it was saved. */
export type TakeLine = (
  line: unknown,
  db: Sql,
) => Promise<{ saved: string } | { error: readonly Fault[] }>;

/**
 * Takes what a device sends as JSON Lines with the devices' key as a bearer token. Each line is answered in its place with
 * `{"saved": id}` or `{"error": [...]}`. 401 without the key, 415 for another content type.
 *
 * @param ready how lines are taken now; a refusal where none are
 */
export async function takeLines(
  request: Request,
  ready: (db: Sql) => Promise<TakeLine | Response>,
): Promise<Response> {
  const { sql } = await database();
  const key = /^Bearer (\S+)$/.exec(request.headers.get('authorization') ?? '')?.[1];
  if (!key || !(await isTrackerKey(sql, key))) {
    return refuse(401, [{ path: 'authorization', message: fact('request.bearer') }]);
  }
  if (!TYPES.includes(mediaTypeOf(request))) {
    return refuse(415, [
      { path: 'content-type', message: fact('request.types', { types: TYPES.join(', ') }) },
    ]);
  }
  return withText(request, MOST.lines, async (text) => {
    const take = await ready(sql);
    if (take instanceof Response) return take;
    const answers: string[] = [];
    for (const line of text.split(/\r?\n/)) {
      if (line.trim() === '') continue;
      answers.push(`${JSON.stringify(await answerTo(line, take, sql))}\n`);
    }
    return new Response(answers.join(''), { headers: { 'content-type': TYPES[0]! } });
  });
}

async function answerTo(line: string, take: TakeLine, db: Sql): Promise<object> {
  const taken = await takenBy(take, line, db);
  return 'error' in taken ? { error: sayFaults(taken.error) } : taken;
}

async function takenBy(take: TakeLine, line: string, db: Sql): ReturnType<TakeLine> {
  try {
    return await take(parseJson(line), db);
  } catch (error) {
    if (error instanceof FaultyInput) return { error: error.faults };
    throw error;
  }
}
