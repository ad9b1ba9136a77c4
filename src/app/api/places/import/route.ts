import { sayFact } from '@/core/tell/facts/sayFact';
import { newNames } from '@/core/tell/place/newNames';
import { readGeoJson } from '@/core/place/exchange/readGeoJson';
import { parseJson } from '@/core/contract/check/fault';
import { MOST } from '../../bounds';
import { withText } from '../../respond';

export const dynamic = 'force-dynamic';

/** Reads GeoJSON as a place, with what was put right in it; nothing is saved. */
export function POST(request: Request): Promise<Response> {
  return withText(request, MOST.place, (text) => {
    const { place, mended } = readGeoJson(parseJson(text, 'file'), newNames());
    return Response.json({ place, mended: mended.map((each) => sayFact(each)) });
  });
}
