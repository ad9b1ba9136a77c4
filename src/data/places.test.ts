import { listDeleted } from './deleted';
import { plainPlace } from '@/core/testing/place';
import type { Database } from './opening/database';
import {
  keepMeasure,
  keepPicture,
  listPlaces,
  measuresSince,
  pictureOfPlace,
  placeById,
  removePicture,
  savePlace,
  scalePicture,
  setPlaceDeleted,
} from './places';
import { ChangedElsewhere } from './standing';
import { testDatabases } from './testing/testDatabases';

const openNew = testDatabases();
let database: Database;
const ID = '44444444-4444-4444-8444-444444444444';

beforeAll(async () => {
  database = await openNew('places');
});

test('a place is saved as it is, and who changes an older version is told', async () => {
  const { sql } = database;
  await savePlace(sql, ID, plainPlace(), '');
  const first = (await placeById(sql, ID))!;
  expect(first.place).toEqual(plainPlace());
  await savePlace(sql, ID, plainPlace({ name: 'Moved' }), first.version);
  await expect(savePlace(sql, ID, plainPlace({ name: 'Late' }), first.version)).rejects.toThrow(
    ChangedElsewhere,
  );
  expect((await placeById(sql, ID))!.place.name).toBe('Moved');
  expect((await listPlaces(sql)).map(({ place }) => place.name)).toEqual(['Moved']);
});

test('its picture is kept with its scale, replaced and taken away', async () => {
  const { sql } = database;
  const bytes = Uint8Array.from({ length: 500 }, (_, i) => i % 256);
  const picture = { mediaType: 'image/png', bytes, width: 40, height: 30 };
  expect(await keepPicture(sql, ID, picture)).toBe(true);
  expect(await keepPicture(sql, ID.replaceAll('4', '5'), picture)).toBe(false);
  expect((await placeById(sql, ID))!.picture).toEqual({ width: 40, height: 30, scale: null });
  const scale = { origin: [1, 2] as [number, number], right: [0.1, 0] as [number, number] };
  expect(await scalePicture(sql, ID, scale)).toBe(true);
  expect((await placeById(sql, ID))!.picture?.scale).toEqual(scale);
  const kept = await pictureOfPlace(sql, ID);
  expect(kept?.mediaType).toBe('image/png');
  expect(Buffer.from(kept!.bytes).equals(Buffer.from(bytes))).toBe(true);
  await keepPicture(sql, ID, { ...picture, width: 41 });
  expect((await placeById(sql, ID))!.picture).toEqual({ width: 41, height: 30, scale: null });
  expect(await removePicture(sql, ID)).toBe(true);
  expect((await placeById(sql, ID))!.picture).toBeNull();
});

test('a deleted place stands in no list, is not saved over, and comes back', async () => {
  const { sql } = database;
  expect(await setPlaceDeleted(sql, ID, true)).toBe(true);
  expect(await listPlaces(sql)).toEqual([]);
  expect((await listDeleted(sql)).map(({ kind, name }) => [kind, name])).toEqual([
    ['place', 'Moved'],
  ]);
  await expect(savePlace(sql, ID, plainPlace())).rejects.toRefuse('bring it back');
  expect(await setPlaceDeleted(sql, ID, false)).toBe(true);
  expect(await placeById(sql, ID)).not.toBeNull();
});

test('what devices measured comes in order, once, from where somebody listens', async () => {
  const { sql } = database;
  const line = (n: number) => ({
    format: 'mellow-divot/sighting' as const,
    version: 1,
    id: `5a17a0e5-0000-4000-8000-00000000000${n}`,
    bearing_deg: n,
    slope_deg: 0,
    distance_m: 10,
  });
  await keepMeasure(sql, line(1).id, line(1));
  const { upTo, measures } = await measuresSince(sql, null);
  expect(measures).toEqual([]);
  for (const n of [2, 3, 2]) await keepMeasure(sql, line(n).id, line(n));
  const since = await measuresSince(sql, upTo);
  expect(since.measures).toEqual([line(2), line(3)]);
  expect((await measuresSince(sql, since.upTo)).measures).toEqual([]);
});
