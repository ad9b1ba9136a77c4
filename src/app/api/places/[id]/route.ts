import { readPlace } from '@/core/place/record/place';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { placeById, savePlace, setPlaceDeleted } from '@/data/places';
import { notFound, whenDone, withJson, noUuid } from '../../respond';
import type { IdContext } from '../../idContext';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const place = isId(id) ? await placeById(sql, id) : null;
  return place ? Response.json(place) : notFound();
}

/** Saves a place; with `from`, the version that it was changed from, 409 where another stands there. */
export function PUT(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, async (body) => {
    const place = readPlace(body);
    const { id } = await params;
    if (!isId(id)) return noUuid();
    const { sql } = await data();
    const from = new URL(request.url).searchParams.get('from') ?? undefined;
    await savePlace(sql, id, place, from);
    return Response.json(await placeById(sql, id));
  });
}

export function DELETE(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const { id } = await params;
    const { sql } = await data();
    return isId(id) && setPlaceDeleted(sql, id, true);
  });
}
