import { cornersCsv } from '@/core/place/exchange/cornersCsv';
import { placeToGeoJson } from '@/core/place/exchange/geoJson';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { placeById } from '@/data/places';
import { download, notFound } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

/** A place as GeoJSON, or its corners as CSV with `?as=csv`. */
export async function GET(request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const stored = isId(id) ? await placeById(sql, id) : null;
  if (!stored) return notFound();
  if (new URL(request.url).searchParams.get('as') === 'csv') {
    return download(cornersCsv(stored.place), 'text/csv; charset=utf-8', 'bunkers.csv');
  }
  const text = JSON.stringify(placeToGeoJson(stored.place), null, 1);
  return download(text, 'application/geo+json', 'ground.geojson');
}
