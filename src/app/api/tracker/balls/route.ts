import type { PGlite } from '@electric-sql/pglite';
import { FaultyInput, parseJson } from '@/core/tell/format/fault';
import type { TrackerAim } from '@/core/lesson/tracker/aim';
import { readTrackedBall } from '@/core/lesson/tracker/trackedBall';
import { addBalls } from '@/data/balls';
import { database } from '@/data/database';
import { isTrackerKey, trackerState } from '@/data/tracker';
import { refuse, withText } from '../../respond';

export const dynamic = 'force-dynamic';

const MOST_BYTES = 256 * 1024;
const TYPES = ['application/x-ndjson', 'application/jsonl'];

/** Saves the ball of one line, and says so or what is wrong with it. */
async function answerTo(line: string, aim: TrackerAim, db: PGlite): Promise<object> {
  try {
    const { player, station, call } = aim;
    const ball = readTrackedBall(parseJson(line));
    const saved = await addBalls(db, aim.lesson, [
      { ...ball, player, station, call, source: 'tracker' },
    ]);
    if (saved) return { saved: ball.id };
    return { error: [{ path: 'aim', message: 'the lesson is not there any more' }] };
  } catch (error) {
    if (error instanceof FaultyInput) return { error: error.faults };
    throw error;
  }
}

/**
 * Takes balls of a tracker as JSON Lines, with its key as a bearer token, for what the open lesson is aimed at. Each line is
 * answered in its place with `{"saved": id}` or `{"error": [...]}`; a ball that is sent again is answered again and saved
 * once. 401 without the key, 409 while no lesson listens.
 */
export async function POST(request: Request): Promise<Response> {
  const { sql } = await database();
  const key = /^Bearer (\S+)$/.exec(request.headers.get('authorization') ?? '')?.[1];
  if (!key || !(await isTrackerKey(sql, key))) {
    return refuse(401, [{ path: 'authorization', message: 'must be "Bearer " and the key' }]);
  }
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase() ?? '';
  if (!TYPES.includes(type)) {
    return refuse(415, [{ path: 'content-type', message: `must be one of ${TYPES.join(', ')}` }]);
  }
  return withText(request, MOST_BYTES, async (text) => {
    const { aim } = await trackerState(sql);
    if (!aim) {
      return refuse(409, [{ path: 'aim', message: 'no lesson listens to the tracker now' }]);
    }
    const answers: string[] = [];
    for (const line of text.split(/\r?\n/)) {
      if (line.trim() === '') continue;
      answers.push(`${JSON.stringify(await answerTo(line, aim, sql))}\n`);
    }
    return new Response(answers.join(''), { headers: { 'content-type': TYPES[0]! } });
  });
}
