import { readMeasure } from '@/core/place/survey/sighting';
import { database } from '@/data/database';
import { keepMeasure, measuresSince } from '@/data/places';
import { takeLines, type TakeLine } from '../deviceLines';
import { refuse } from '../respond';

export const dynamic = 'force-dynamic';

const keep: TakeLine = async (line, db) => {
  const measure = readMeasure(line);
  await keepMeasure(db, measure.id, measure);
  return { saved: measure.id };
};

/** Takes what a rangefinder or a sand probe measured. */
export const POST = (request: Request): Promise<Response> =>
  takeLines(request, () => Promise.resolve(keep));

/** What was measured since the number `since`, and up to which number; nothing yet where it is absent. */
export async function GET(request: Request): Promise<Response> {
  const text = new URL(request.url).searchParams.get('since');
  const since = text === null ? null : Number(text);
  if (since !== null && !Number.isSafeInteger(since)) {
    return refuse(400, [{ path: 'since', message: `must be a whole number, not "${text}"` }]);
  }
  const { sql } = await database();
  return Response.json(await measuresSince(sql, since));
}
