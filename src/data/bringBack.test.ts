import { readPlayerFile, type PlayerFile } from '@/core/lesson/exchange/playerFile';
import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aRecord, PLAIN_LEARNT } from '@/core/testing/records';
import { addBalls, changeBall } from './balls';
import { bringBack } from './bringBack';
import { saveContact } from './contacts';
import type { Database } from './opening/database';
import { saveDraft } from './drafts';
import { aBunkerTest } from '@/core/testing/bunkerTest';
import { anEyeResult } from '@/core/testing/eye';
import { aHomework } from '@/core/testing/homework';
import { saveTest } from './bunkerTests';
import { addEyeResult } from './eye';
import { addResults, saveHomework } from './homework';
import { erasePlayer } from './erasing/erase';
import { everythingAbout } from './everything';
import { addGrassShots } from './grassShots';
import { acceptLearning, holdLearning } from './learnings';
import { closeLesson, lessonById, saveLesson } from './lessons';
import { addPlayers, markPlayer, playerById } from './players';
import { saveReading } from './readings';
import { testDatabases } from './testing/testDatabases';

const openNew = testDatabases();
const [BOTH, ALONE, DRAFT] = ['1', '2', '3'].map(
  (n) => `${n.repeat(8)}-2222-4222-8222-222222222222`,
);

/** A roster of two, a lesson of both and one of Ada alone, with everything that can hang on a player. */
async function lived(): Promise<Database> {
  const database = await openNew('back');
  const { sql } = database;
  await addPlayers(sql, [
    {
      id: 'ada',
      ...aRecord({
        name: 'Ada Lund',
        notes: 'left knee',
        trusted_club: '56',
        handicap: 12.5,
        techniques: { 'toe-in': 'learning' },
      }),
    },
    { id: 'bo', ...aRecord({ name: 'Bo Ek' }) },
  ]);
  await saveLesson(sql, BOTH!, aPlan({ players: ['ada', 'bo'], notes: 'Ada Lund first.' }));
  await saveLesson(sql, ALONE!, aPlan());
  await closeLesson(sql, ALONE!, { summary: 'Ada Lund: better.', homework: '', closed: true });
  await closeLesson(sql, BOTH!, {
    summary: '',
    homework: '',
    own_homework: [
      { player: 'bo', text: 'Bo’s own.' },
      { player: 'ada', text: 'Ada’s own.' },
    ],
    closed: false,
  });
  await addBalls(sql, BOTH!, [aBall(1), aBall(2, { player: 'bo' }), aBall(3, { strike: 'thin' })]);
  await addBalls(sql, ALONE!, [aBall(4)]);
  await addBalls(sql, BOTH!, [aBall(5, { note: 'a good one' })]);
  await changeBall(sql, aBall(4).id, { excluded: 'slipped' });
  const { version: _version, ...factors } = PLAIN_LEARNT;
  await acceptLearning(sql, 'ada', { ...factors, distance: 1.1 });
  await acceptLearning(sql, 'ada', { ...factors, distance: 1.2 });
  await holdLearning(sql, 'ada', 40);
  await saveContact(sql, 'ada', { contact: 'by telephone' });
  const shot = { pin_yd: 12 };
  await saveReading(sql, { name: 'Low', playerId: 'ada', shot, called: '56', model: 'm1' });
  await saveDraft(sql, DRAFT!, { playerId: 'ada', shot, called: '52' });
  await addGrassShots(
    sql,
    'ada',
    [75, 78].map((carry) => ({ club: '56', carry })),
  );
  await saveTest(sql, BOTH!, aBunkerTest({ note: 'Ada Lund, calm.' }));
  await addEyeResult(sql, anEyeResult());
  await saveHomework(sql, BOTH!, aHomework({ note: 'Ada Lund, slowly.' }));
  await addResults(sql, BOTH!, [
    { id: aBall(1).id, drill: 'line', day: '2026-06-02', count: 7, of: 10, note: 'windy' },
  ]);
  await markPlayer(sql, 'ada', 'archived', true);
  return database;
}

/** Everything about Ada as the file holds it, read back through the checks that an import makes. */
const fileOf = async ({ sql }: Database): Promise<PlayerFile> =>
  readPlayerFile(JSON.parse(JSON.stringify(await everythingAbout(sql, 'ada'))));

test('who was erased comes back whole from the file of everything', async () => {
  const database = await lived();
  const { sql } = database;
  const file = await fileOf(database);
  expect(file.balls).toHaveLength(4);
  expect(JSON.stringify(file)).not.toContain('Bo’s own.');
  expect(await erasePlayer(database, 'ada')).toBe(true);
  expect((await lessonById(sql, BOTH!))!.plan.players).toEqual(['bo']);

  const wouldBe = await bringBack(sql, file, false);
  expect(wouldBe).toMatchObject({ known: false, balls: 4, lessons: 0, readings: 1, grassShots: 2 });
  expect(await playerById(sql, 'ada')).toBeNull();

  expect(await bringBack(sql, file, true)).toEqual(wouldBe);
  expect(await fileOf(database)).toEqual(file);
  expect((await playerById(sql, 'ada'))!.learnt).toMatchObject({ version: 2, distance: 1.2 });
});

test('the file brings everything into another roster, where other players of its lessons are not', async () => {
  const home = await lived();
  const file = await fileOf(home);
  const away = await openNew('away');
  expect(await bringBack(away.sql, file, true)).toMatchObject({ lessons: 2, balls: 4 });
  const { lessons, ...rest } = await fileOf(away);
  const { lessons: sent, ...others } = file;
  expect(rest).toEqual(others);
  expect(lessons.map(({ plan }) => plan.players)).toEqual([['ada'], ['ada']]);
  expect(sent.map(({ plan }) => plan.players.length).sort()).toEqual([1, 2]);
});

test('of a player who is here only what is missing is added, and nothing twice', async () => {
  const database = await lived();
  const { sql } = database;
  const file = await fileOf(database);
  const again = { known: true, readings: 0, lessons: 0, balls: 0, grassShots: 0 };
  expect(await bringBack(sql, file, true)).toMatchObject(again);
  expect(await fileOf(database)).toEqual(file);

  await markPlayer(sql, 'ada', 'deleted', true);
  await sql.query('delete from balls where id = $1', [aBall(3).id]);
  expect(await bringBack(sql, file, true)).toMatchObject({ ...again, balls: 1 });
  expect(await playerById(sql, 'ada')).not.toBeNull();
});

test('a text that was changed since the name was taken out of it stays as it is', async () => {
  const database = await lived();
  const { sql } = database;
  const file = await fileOf(database);
  await erasePlayer(database, 'ada');
  await closeLesson(sql, ALONE!, { summary: 'Seen again.', homework: '', closed: true });
  await bringBack(sql, file, true);
  expect((await lessonById(sql, ALONE!))!.summary).toBe('Seen again.');
  expect((await lessonById(sql, BOTH!))!.plan.notes).toBe('Ada Lund first.');
});

test('a file whose balls are not its own is refused by name, and nothing of it is taken', async () => {
  const database = await lived();
  const file = await fileOf(database);
  const [ball] = file.balls;
  const bad = { ...file, id: 'cy', balls: [ball!, { ...ball!, player: 'cy', lesson: DRAFT }] };
  expect(() => readPlayerFile(bad)).toRefuse(
    /balls\[0\]\.player: is not the player[^]*balls\[1\]\.lesson: is not among the lessons/,
  );
  expect(() => readPlayerFile({ ...file, version: 1 })).toRefuse(
    /version: must be a number from 2/,
  );
});
