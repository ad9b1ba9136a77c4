import { t } from '@/core/ground/language/t';
import { readGeoJson } from '@/core/place/exchange/readGeoJson';
import { parseJson } from '@/core/tell/format/fault';
import { MOST } from '../../bounds';
import { withText } from '../../respond';

export const dynamic = 'force-dynamic';

/** Reads GeoJSON as a place, with what was put right in it; nothing is saved. */
export function POST(request: Request): Promise<Response> {
  return withText(request, MOST.place, (text) =>
    Response.json(readGeoJson(parseJson(text, 'file'), t('Imported ground'))),
  );
}
