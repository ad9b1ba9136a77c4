import { drillsWith, libraryDrill, libraryDrills } from '@/core/tell/drills/libraryWords';
import { MOST_RESULTS, type DrillResult } from '@/core/lesson/homework/result';
import { aHomework } from '@/core/testing/homework';
import { aRecord } from '@/core/testing/records';
import { testsCsv } from '@/core/tell/lessons/testsCsv';
import { aBunkerTest } from '@/core/testing/bunkerTest';
import { listTests, saveTest, setTestDeleted, testById } from './bunkerTests';
import { anEyeResult } from '@/core/testing/eye';
import { addEyeResult, eyeResults } from './eye';
import type { Database } from './opening/database';
import { listDeleted } from './deleted';
import { archiveDrill, storedDrills, removeDrill, saveDrills } from './drills';
import { erasePlayer } from './erasing/erase';
import {
  addResults,
  homeworkById,
  listHomework,
  saveHomework,
  setHomeworkDeleted,
  setResultDeleted,
} from './homework';
import { addPlayers } from './players';
import { testDatabases } from './testing/testDatabases';

const LIBRARY = libraryDrills();

const openNew = testDatabases();
let database: Database;
const ID = '11111111-1111-4111-8111-111111111111';
const OTHER = ID.replace(/1/g, '2');

const result = (n: number, fields: Partial<DrillResult> = {}): DrillResult => ({
  id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
  drill: 'line',
  day: '2026-06-02',
  count: 7,
  of: 10,
  note: '',
  ...fields,
});

beforeAll(async () => {
  database = await openNew('practice');
  await addPlayers(database.sql, [
    { id: 'ada', ...aRecord({ name: 'Ada Lund', cautions: ['wrist'] }) },
    { id: 'bo', ...aRecord({ name: 'Bo Ek' }) },
  ]);
});

describe('drills', () => {
  const { id: _id, ...line } = libraryDrill('line');

  test('are the library’s until a coach changes, adds or archives some, and can be had back', async () => {
    const { sql } = database;
    expect(await storedDrills(sql).then(drillsWith)).toHaveLength(LIBRARY.length);
    await saveDrills(sql, [
      { ...line, id: 'line', balls: 14 },
      { ...line, id: 'own-rope', name: 'Rope' },
    ]);
    expect(await archiveDrill(sql, 'box', true)).toBe(true);
    expect(await archiveDrill(sql, 'none', true)).toBe(false);
    const drills = await storedDrills(sql).then(drillsWith);
    expect(drills.find(({ id }) => id === 'line')).toMatchObject({ from: 'changed', balls: 14 });
    expect(drills.at(-1)).toMatchObject({ id: 'own-rope', from: 'own' });
    expect(drills.filter(({ archived }) => archived).map(({ id }) => id)).toEqual(['box']);
    expect(await removeDrill(sql, 'line')).toBe(true);
    expect(await removeDrill(sql, 'own-rope')).toBe(true);
    expect(await removeDrill(sql, 'own-rope')).toBe(false);
    expect((await storedDrills(sql).then(drillsWith)).every(({ from }) => from === 'library')).toBe(
      true,
    );
  });

  test('more than a list holds are refused, and none of them is saved', async () => {
    const { sql } = database;
    const many = Array.from({ length: 190 }, (_, i) => ({ ...line, id: `own-${i}` }));
    await expect(saveDrills(sql, many)).rejects.toRefuse('drills: must be at most 200');
    expect(await storedDrills(sql).then(drillsWith)).toHaveLength(LIBRARY.length);
  });
});

describe('bunker tests', () => {
  test('are saved ball by ball, deleted and brought back; the last is first', async () => {
    const { sql } = database;
    await expect(saveTest(sql, ID, aBunkerTest({ player: 'nobody' }))).rejects.toRefuse(
      'player: there is no player "nobody" in the roster',
    );
    await saveTest(sql, ID, aBunkerTest());
    await saveTest(sql, ID, aBunkerTest({ hits: [{ station: 0, band: 2 }] }));
    await saveTest(sql, OTHER, aBunkerTest({ held_on: '2026-06-20' }));
    expect((await listTests(sql, 'ada')).map(({ id }) => id)).toEqual([OTHER, ID]);
    expect((await testById(sql, ID))!.test.hits).toHaveLength(1);
    await expect(saveTest(sql, ID, aBunkerTest({ player: 'bo' }))).rejects.toRefuse('player');
    await setTestDeleted(sql, ID, true);
    expect(await testById(sql, ID)).toBeNull();
    await expect(saveTest(sql, ID, aBunkerTest())).rejects.toRefuse('was deleted');
    expect(await listDeleted(sql)).toMatchObject([{ kind: 'test', id: ID }]);
    await setTestDeleted(sql, ID, false);
    const csv = testsCsv(await listTests(sql)).split('\r\n');
    expect(csv).toHaveLength(2);
    expect(csv[1]).toMatch(/^2026-06-02,Ada Lund,Practice bunker,medium,1,3,/);
  });
});

describe('the eye', () => {
  test('what was answered is saved once, and given back first answered first', async () => {
    const { sql } = database;
    const first = anEyeResult();
    const second = anEyeResult({ id: OTHER, answered_at: '2026-06-02T09:00:00.000Z' });
    expect(await addEyeResult(sql, second)).toBe(true);
    await addEyeResult(sql, first);
    await addEyeResult(sql, { ...first, lost: 3 });
    expect(await addEyeResult(sql, anEyeResult({ id: ID, player: 'nobody' }))).toBe(false);
    expect(await eyeResults(sql, 'ada')).toEqual([first, second]);
    expect(await eyeResults(sql, 'ada', 1)).toEqual([second]);
    expect(await eyeResults(sql, 'bo')).toEqual([]);
  });
});

describe('practice', () => {
  test('is saved, saved again in place and counted, deleted and brought back', async () => {
    const { sql } = database;
    await expect(saveHomework(sql, ID, aHomework({ player: 'nobody' }))).rejects.toRefuse(
      'player: there is no player "nobody" in the roster',
    );
    await saveHomework(sql, ID, aHomework({ weeks: 4 }));
    await saveHomework(sql, ID, aHomework());
    expect(await homeworkById(sql, ID)).toMatchObject({
      playerName: 'Ada Lund',
      cautions: ['wrist'],
      revision: 1,
      most: 8,
      results: [],
    });
    await expect(saveHomework(sql, ID, aHomework({ player: 'bo' }))).rejects.toRefuse('player');
    expect(await listHomework(sql, 'bo')).toEqual([]);
    await setHomeworkDeleted(sql, ID, true);
    expect(await listHomework(sql)).toEqual([]);
    expect(await listDeleted(sql)).toMatchObject([{ kind: 'practice', id: ID, of: '2026-06-01' }]);
    await expect(saveHomework(sql, ID, aHomework())).rejects.toRefuse('was deleted');
    await setHomeworkDeleted(sql, ID, false);
    expect(await listHomework(sql, 'ada')).toHaveLength(1);
  });

  test('a result that is sent twice is saved once; one is taken away and comes back', async () => {
    const { sql } = database;
    expect(await addResults(sql, ID, [result(1), result(2, { day: '2026-06-05' })])).toBe(true);
    await addResults(sql, ID, [result(1, { count: 9 })]);
    expect(await addResults(sql, OTHER, [result(3)])).toBe(false);
    const days = async () =>
      (await homeworkById(sql, ID))!.results.map(({ day, count }) => `${day} ${count}`);
    expect(await days()).toEqual(['2026-06-02 7', '2026-06-05 7']);
    await setResultDeleted(sql, result(1).id, true);
    expect(await days()).toEqual(['2026-06-05 7']);
    await setResultDeleted(sql, result(1).id, false);
    expect(await days()).toHaveLength(2);
    const many = Array.from({ length: MOST_RESULTS }, (_, i) => result(100 + i));
    await expect(addResults(sql, ID, many)).rejects.toRefuse('at most 500');
    expect(await days()).toHaveLength(2);
  });

  test('goes with who is erased; a name in the notes of others goes too', async () => {
    const { sql } = database;
    await saveHomework(sql, OTHER, aHomework({ player: 'bo', note: 'With Ada Lund on Fridays.' }));
    await addResults(sql, OTHER, [result(9, { note: 'ada lund counted' })]);
    await erasePlayer(database, 'ada');
    expect(await homeworkById(sql, ID)).toBeNull();
    const [left] = await listHomework(sql);
    expect(JSON.stringify(left)).not.toMatch(/ada lund/i);
    expect(left!.plan.note).toBe('With someone on Fridays.');
  });
});
