import { fact } from '@/core/ground/fact/fact';
import type { Sql, Tx } from './sql/sql';
import { faulty } from '@/core/contract/check/fault';
import type { PictureScale } from '@/core/place/survey/pictureScale';
import type { Measure } from '@/core/place/survey/sighting';
import type { Place } from '@/core/place/record/place';
import type { StoredPlace } from '@/core/place/record/stored';
import { ChangedElsewhere } from './standing';

type Queries = Pick<Tx, 'query'>;

/** Most places of an academy. */
export const MOST_PLACES = 200;

const SELECT = `
  select p.id, p.place, md5(p.place::text) as version,
    to_char(p.changed_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as "changedAt",
    case when i.place_id is not null then
      jsonb_build_object('width', i.width, 'height', i.height, 'scale', i.scale) end as picture
  from places p left join place_pictures i on i.place_id = p.id`;

/** Places that are not deleted, by name. */
export async function listPlaces(db: Queries): Promise<StoredPlace[]> {
  const { rows } = await db.query<StoredPlace>(
    `${SELECT} where p.deleted_at is null order by lower(p.place ->> 'name'), p.id limit $1`,
    [MOST_PLACES],
  );
  return rows;
}

/** How many places are not deleted. */
async function countPlaces(db: Queries): Promise<number> {
  const { rows } = await db.query<{ count: number }>(
    'select count(*)::int as count from places where deleted_at is null',
  );
  return rows[0]!.count;
}

/** One place; null when there is none. */
export async function placeById(db: Queries, id: string): Promise<StoredPlace | null> {
  const { rows } = await db.query<StoredPlace>(
    `${SELECT} where p.id = $1 and p.deleted_at is null`,
    [id],
  );
  return rows[0] ?? null;
}

/**
 * Saves a place under its id, new or in place of what it was.
 *
 * @param from the version that it was changed from, '' for a new one; whatever stands there is replaced when it is absent
 * @throws ChangedElsewhere when another version stands there; FaultyInput when it was deleted or there are too many
 */
export function savePlace(db: Sql, id: string, place: Place, from?: string): Promise<void> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query<{ deleted: boolean; version: string }>(
      'select deleted_at is not null as deleted, md5(place::text) as version from places where id = $1',
      [id],
    );
    const [stands] = rows;
    if (stands?.deleted) {
      const message = fact('kept.placeDeleted');
      throw faulty('id', message);
    }
    if (from !== undefined && (stands?.version ?? '') !== from) throw new ChangedElsewhere('place');
    if (!stands && (await countPlaces(tx)) >= MOST_PLACES) {
      throw faulty('places', fact('kept.mostPlaces', { mostPlaces: MOST_PLACES }));
    }
    await tx.query(
      `insert into places (id, place) values ($1, $2)
       on conflict (id) do update set place = excluded.place, changed_at = now()`,
      [id, JSON.stringify(place)],
    );
  });
}

/** Marks a place as deleted, or as not; false when there is none. */
export async function setPlaceDeleted(db: Queries, id: string, deleted: boolean): Promise<boolean> {
  const { rows } = await db.query(
    'update places set deleted_at = case when $2 then now() end where id = $1 returning id',
    [id, deleted],
  );
  return rows.length > 0;
}

/** A picture of the ground, as it was sent. */
export interface Picture {
  mediaType: string;
  bytes: Uint8Array;
  width: number;
  height: number;
}

/** Keeps the picture that a place is traced from, in place of one before; false when there is no such place. */
export async function keepPicture(db: Queries, id: string, picture: Picture): Promise<boolean> {
  const { rows } = await db.query(
    `insert into place_pictures (place_id, media_type, picture, width, height)
     select id, $2, $3, $4, $5 from places where id = $1 and deleted_at is null
     on conflict (place_id) do update set media_type = excluded.media_type,
       picture = excluded.picture, width = excluded.width, height = excluded.height, scale = null
     returning place_id`,
    [id, picture.mediaType, picture.bytes, picture.width, picture.height],
  );
  return rows.length > 0;
}

/** The picture of a place; null when there is none. */
export async function pictureOfPlace(
  db: Queries,
  id: string,
): Promise<Pick<Picture, 'mediaType' | 'bytes'> | null> {
  const { rows } = await db.query<Pick<Picture, 'mediaType' | 'bytes'>>(
    'select media_type as "mediaType", picture as bytes from place_pictures where place_id = $1',
    [id],
  );
  return rows[0] ?? null;
}

/** Lays a place's picture on the ground; false when there is none. */
export async function scalePicture(db: Queries, id: string, scale: PictureScale): Promise<boolean> {
  const { rows } = await db.query(
    'update place_pictures set scale = $2 where place_id = $1 returning place_id',
    [id, JSON.stringify(scale)],
  );
  return rows.length > 0;
}

/** Takes a place's picture away; false when there is none. */
export async function removePicture(db: Queries, id: string): Promise<boolean> {
  const { rows } = await db.query(
    'delete from place_pictures where place_id = $1 returning place_id',
    [id],
  );
  return rows.length > 0;
}

/** Keeps what a device measured, once. */
export async function keepMeasure(db: Queries, id: string, line: Measure): Promise<void> {
  await db.query('insert into measures (id, line) values ($1, $2) on conflict (id) do nothing', [
    id,
    JSON.stringify(line),
  ]);
}

/** Most measures that are given at a time. */
const MOST_MEASURES = 200;

/** What devices measured since a number, in order, and up to which number that goes; where they stand where no number is given. */
export async function measuresSince(
  db: Queries,
  since: number | null,
): Promise<{ upTo: number; measures: Measure[] }> {
  if (since === null) {
    const { rows } = await db.query<{ last: number }>(
      'select coalesce(max(seq), 0)::int as last from measures',
    );
    return { upTo: rows[0]!.last, measures: [] };
  }
  const { rows } = await db.query<{ seq: number; line: Measure }>(
    'select seq::int as seq, line from measures where seq > $1 order by seq limit $2',
    [since, MOST_MEASURES],
  );
  return { upTo: rows.at(-1)?.seq ?? since, measures: rows.map(({ line }) => line) };
}
