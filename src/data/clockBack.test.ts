import { readNewAccount } from '@/core/lesson/coaches/account';
import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aRecord } from '@/core/testing/records';
import { addAccount } from './access/accounts';
import { makePairing, pair } from './access/pairing';
import { MOST_OF_A_NAME, takeTry } from './access/tries';
import { addBalls, ballsOfLesson, ballsTouched } from './balls';
import type { Database } from './opening/database';
import { listDrafts, saveDraft } from './drafts';
import { saveLesson } from './lessons';
import { addPlayers } from './players';
import { testDatabases } from './testing/testDatabases';
import { aimTracker, trackerState } from './tracker';

const openNew = testDatabases();
const LESSON = '11111111-1111-4111-8111-111111111111';
const from = { address: '10.0.0.9', device: 'phone' };

let database: Database;
beforeAll(async () => {
  database = await openNew('clock');
  const { sql } = database;
  await addPlayers(sql, [{ id: 'ada', ...aRecord({ name: 'Ada' }) }]);
  await saveLesson(sql, LESSON, aPlan({ players: ['ada'] }));
});

/** What a clock that is put back by a day makes of all that was written before: it is of tomorrow. */
async function clockBack(): Promise<void> {
  const { rows } = await database.sql.query<{ name: string; columns: string[] }>(
    `select table_name as name, array_agg(column_name::text) as columns from information_schema.columns
     where table_schema = 'public' and data_type = 'timestamp with time zone' group by table_name`,
  );
  for (const { name, columns } of rows) {
    const later = columns.map((column) => `${column} = ${column} + interval '1 day'`);
    await database.sql.exec(`update ${name} set ${later.join(', ')}`);
  }
}

test('balls stay in the order in which they came, and who follows misses none', async () => {
  const { sql } = database;
  const ball = (n: number) => aBall(n, { player: 'ada' });
  await addBalls(sql, LESSON, [ball(1)]);
  await clockBack();
  await addBalls(sql, LESSON, [ball(2)]);
  const balls = await ballsOfLesson(sql, LESSON);
  expect(balls.map(({ id }) => id)).toEqual([ball(1).id, ball(2).id]);
  const since = await ballsTouched(sql, LESSON, balls[0]!.touched);
  expect(since.map(({ id }) => id)).toEqual([ball(2).id]);
});

test('a draft that is saved then is not let go as the oldest', async () => {
  const { sql } = database;
  const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
  const draft = { playerId: 'ada', shot: { pin_yd: 12 }, called: '60' };
  for (let n = 0; n < 20; n++) await saveDraft(sql, id(n), draft);
  await clockBack();
  await saveDraft(sql, id(50), draft);
  await saveDraft(sql, id(3), draft);
  const drafts = await listDrafts(sql);
  expect(drafts).toHaveLength(20);
  expect(drafts.slice(0, 2).map((each) => each.id)).toEqual([id(3), id(50)]);
});

test('nobody is kept out for a day, no word of five minutes holds for one, and no tracker keeps an old aim', async () => {
  const { sql } = database;
  const trying = [{ who: 'name ines', most: MOST_OF_A_NAME }];
  for (let n = 0; n < MOST_OF_A_NAME; n++) expect(await takeTry(sql, trying)).toBe(0);
  expect(await takeTry(sql, trying)).toBeGreaterThan(0);
  const passphrase = 'rake after every ball';
  const coach = await addAccount(
    sql,
    readNewAccount({ sign_in: 'ines', name: 'Ines', role: 'coach', passphrase }),
    null,
  );
  const { word } = await makePairing(sql, LESSON, coach);
  const { call } = aBall(1, { player: 'ada' });
  await aimTracker(sql, { lesson: LESSON, player: 'ada', station: 0, call });
  await clockBack();
  expect(await takeTry(sql, trying)).toBe(0);
  expect(await pair(sql, word, from)).toBeNull();
  expect((await trackerState(sql)).aim).toBeNull();
});
