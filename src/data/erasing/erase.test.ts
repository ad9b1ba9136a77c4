import { readdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { readKeptPlan } from '@/core/lesson/plan/lesson';
import { aRecord } from '@/core/testing/records';
import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { addBalls } from '../balls';
import { saveContact } from '../contacts';
import { openFolder } from '../opening/openFolder';
import { erasePlayer, namedIn } from './erase';
import { closeLesson, lessonById, listLessons, saveLesson } from '../lessons';
import { addPlayers, updatePlayer, type NewPlayer } from '../players';
import { saveReading } from '../readings';
import { emptyFolder } from '../testing/emptyFolder';
import type { Sql } from '../sql/sql';
import { aimTracker, trackerState } from '../tracker';

const NAME = 'Zacharias Quillfeather';
const ID = 'zq-17';
const LESSON = '22222222-2222-4222-8222-222222222222';

const player = (id: string, name: string, notes: string): NewPlayer => ({
  id,
  ...aRecord({ name, notes }),
});

/** What the tables hold that name somebody. */
const everythingIn = async (sql: Sql): Promise<unknown[]> => [
  await sql.query('select * from players order by id'),
  await sql.query('select * from lessons'),
  await sql.query('select * from balls order by seq'),
];

/** Files below a folder that hold a text as it is. */
const holding = (folder: string, text: string): string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.join(entry.parentPath, entry.name))
    .filter((file) => readFileSync(file).includes(text));

let folder: string;
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('who is erased is in no row, no text and no file any more; the lesson and the others stay', async () => {
  folder = await emptyFolder('erase');
  const database = await openFolder(folder);
  const { sql } = database;
  await addPlayers(sql, [
    player(ID, NAME, 'wrist, see the surgeon Quillfeather'),
    player('bo', 'Bo Ek', `hits like ${NAME}; Zachariasson is another`),
    player('cy', 'Cy Zacharias', 'Bo, not Zacharias'),
  ]);
  await updatePlayer(sql, ID, player(ID, NAME, 'an older note of a quicksilver wrist'));
  await saveLesson(sql, LESSON, aPlan({ players: [ID, 'bo'], notes: `Start with ${NAME}.` }));
  await saveContact(sql, ID, { contact: 'quicksilver@example.org' });
  const ball = aBall(1, { player: ID });
  await addBalls(sql, LESSON, [ball, aBall(2, { player: 'bo', note: `as ${NAME} does` })]);
  await closeLesson(sql, LESSON, {
    summary: `${NAME}: 1 ball. ZACHARIAS  QUILLFEATHER again.`,
    homework: '',
    own_homework: [
      { player: ID, text: 'Mark first, quicksilver.' },
      { player: 'bo', text: `Hit with ${NAME}.` },
    ],
    closed: true,
  });
  const kept = JSON.stringify(await everythingIn(sql));
  expect(await namedIn(sql, ID)).toEqual({
    full: {
      name: NAME,
      count: 6,
      mentions: expect.arrayContaining([
        { table: 'balls', before: 'as ', found: NAME, after: ' does' },
        { table: 'lessons', before: 'Start with ', found: NAME, after: '.' },
      ]),
    },
    words: [
      {
        name: 'Zacharias',
        count: 1,
        mentions: [{ table: 'players', before: 'Bo, not ', found: 'Zacharias', after: '' }],
      },
    ],
  });
  expect(JSON.stringify(await everythingIn(sql))).toBe(kept);
  await expect(erasePlayer(database, ID, ['Bo'])).rejects.toRefuse(/no single word of the name/);
  const reading = { name: `For ${NAME}`, playerId: 'bo', shot: { pin_yd: 9 }, called: '56' };
  await saveReading(sql, { ...reading, model: 'test' });
  await aimTracker(sql, { lesson: LESSON, player: ID, station: 0, call: ball.call });

  for (const trace of [NAME, 'quicksilver', ID]) {
    expect(holding(folder, trace).length).toBeGreaterThan(0);
  }
  expect(await erasePlayer(database, ID, ['Zacharias'])).toBe(true);
  expect(await erasePlayer(database, ID)).toBe(false);
  expect(await namedIn(sql, ID)).toBeNull();
  expect((await trackerState(sql)).aim).toBeNull();
  const lesson = (await lessonById(sql, LESSON))!;
  expect(lesson.summary).toBe('a former player: 1 ball. a former player again.');
  expect(lesson.plan).toMatchObject({ players: ['bo'], notes: 'Start with a former player.' });
  expect(lesson.own_homework).toEqual([{ player: 'bo', text: 'Hit with a former player.' }]);
  expect(Number(lesson.balls)).toBe(1);
  await saveLesson(sql, LESSON, readKeptPlan(lesson.plan));
  const { rows } = await sql.query<{ notes: string }>(`select notes from players where id = 'bo'`);
  expect(rows[0]!.notes).toBe('hits like a former player; Zachariasson is another');

  expect(holding(folder, 'Bo Ek').length).toBeGreaterThan(0);
  for (const trace of [NAME, 'Quillfeather', 'quicksilver', ID]) {
    expect([trace, holding(folder, trace)]).toEqual([trace, []]);
  }
  await database.close();
  expect(holding(folder, 'Quillfeather')).toEqual([]);

  const again = await openFolder(folder);
  expect(await erasePlayer(again, 'bo')).toBe(true);
  const [alone] = await listLessons(again.sql);
  expect(readKeptPlan(alone!.plan).players).toEqual([]);
  await again.close();
});
