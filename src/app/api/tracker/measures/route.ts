import { readMeasure } from '@/core/place/survey/sighting';
import { keepMeasure } from '@/data/places';
import { takeLines, type TakeLine } from '../../deviceLines';

export const dynamic = 'force-dynamic';

const keep: TakeLine = async (line, db) => {
  const measure = readMeasure(line);
  await keepMeasure(db, measure.id, measure);
  return { saved: measure.id };
};

/** Takes what a rangefinder or a sand probe measured. */
export const POST = (request: Request): Promise<Response> =>
  takeLines(request, () => Promise.resolve(keep));
