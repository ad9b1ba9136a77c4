import { aPlan } from '@/core/testing/plans';
import { aRecord } from '@/core/testing/records';
import { listDeleted } from './deleted';
import { saveLesson, setLessonDeleted } from './lessons';
import { addPlayers, markPlayer } from './players';
import { saveReading, setReadingDeleted } from './readings';
import { testDatabases } from './testing/testDatabases';

const openNew = testDatabases();
const LESSON = '22222222-2222-4222-8222-222222222222';

test('what was deleted is listed, the latest first, until it is brought back', async () => {
  const database = await openNew('deleted');
  const { sql } = database;
  await addPlayers(sql, [
    { id: 'ada', ...aRecord() },
    { id: 'bo', ...aRecord({ name: 'Bo Ek' }) },
  ]);
  await saveLesson(sql, LESSON, aPlan());
  const shot = { pin_yd: 9 };
  const kept = { name: 'Low', playerId: 'ada', shot, called: '56', model: 'm' };
  const { id } = (await saveReading(sql, kept))!;
  expect(await listDeleted(sql)).toEqual([]);

  await setReadingDeleted(sql, id, true);
  await setLessonDeleted(sql, LESSON, true);
  await markPlayer(sql, 'bo', 'deleted', true);
  expect((await listDeleted(sql)).map(({ kind, name, of }) => [kind, name, of])).toEqual([
    ['player', 'Bo Ek', null],
    ['lesson', 'Practice bunker', '2026-05-02'],
    ['reading', 'Low', 'Ada'],
  ]);

  await markPlayer(sql, 'bo', 'deleted', false);
  await setReadingDeleted(sql, id, false);
  expect((await listDeleted(sql)).map(({ kind }) => kind)).toEqual(['lesson']);
  // A reading of a player who is deleted comes back with the player.
  await setReadingDeleted(sql, id, true);
  await markPlayer(sql, 'ada', 'deleted', true);
  expect((await listDeleted(sql)).map(({ kind }) => kind)).toEqual(['player', 'lesson']);
});
