import { readNewAccount } from '@/core/lesson/coaches/account';
import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aRecord } from '@/core/testing/records';
import { addBalls } from '../balls';
import type { Database } from '../opening/database';
import { lessonById, listLessons, saveLesson } from '../lessons';
import { addPlayers, listPlayers } from '../players';
import { testDatabases } from '../testing/testDatabases';
import { addAccount, endAccount } from './accounts';
import { makePairing, pair, wordOf } from './pairing';
import { sessionOf } from './sessions';
import { viewedBy } from './viewer';

const openNew = testDatabases();
let database: Database;
let coach: string;
const from = { address: '10.0.0.7', device: 'phone' };
const [ONE, OTHER] = ['1', '2'].map((n) => `${n.repeat(8)}-1111-4111-8111-111111111111`) as [
  string,
  string,
];

beforeAll(async () => {
  database = await openNew('pairing');
  const { sql } = database;
  coach = await addAccount(
    sql,
    readNewAccount({
      sign_in: 'ana',
      name: 'Ana',
      role: 'head-coach',
      passphrase: 'rake after balls',
    }),
    null,
  );
  for (const [id, lesson] of [
    ['ada', ONE],
    ['bo', OTHER],
  ] as const) {
    await addPlayers(sql, [{ id, ...aRecord({ name: id }) }]);
    await saveLesson(sql, lesson, aPlan({ players: [id] }));
  }
});

test('a word is read however it is typed, and what is none is none', () => {
  expect(wordOf('abcd-ef29')).toBe('ABCDEF29');
  expect(wordOf(' ABCD EF29 ')).toBe('ABCDEF29');
  for (const bad of ['', 'ABCD', 'ABCD-EF20', 'ABCD-EF2!', 'ABCD-EF299'])
    expect(wordOf(bad)).toBeNull();
});

test('a word brings one phone to its lesson, and sees that lesson alone', async () => {
  const { sql } = database;
  const { word } = await makePairing(sql, ONE, coach);
  const brought = (await pair(sql, `${word.slice(0, 4)}-${word.slice(4).toLowerCase()}`, from))!;
  expect(brought.lesson).toBe(ONE);
  const session = (await sessionOf(sql, brought.token))!;
  expect(session).toMatchObject({ name: 'Ana’s phone', role: 'assistant', lesson: ONE });
  const seen = viewedBy(sql, {
    role: 'assistant',
    account: session.account,
    lesson: session.lesson,
  });
  expect((await listLessons(seen)).map(({ id }) => id)).toEqual([ONE]);
  expect(await lessonById(seen, OTHER)).toBeNull();
  expect((await listPlayers(seen)).players.map(({ id }) => id)).toEqual(['ada']);
  expect(await addBalls(seen, ONE, [aBall(1, { player: 'ada' })])).toHaveLength(1);
  expect(await addBalls(seen, OTHER, [aBall(2, { player: 'bo' })])).toBeNull();
  // Used twice.
  expect(await pair(sql, word, from)).toBeNull();
  const { rows } = await sql.query('select * from pairings');
  expect(JSON.stringify(rows)).not.toContain(word);
});

test('a word that is over, that nobody made, or of an account that ended brings nobody', async () => {
  const { sql } = database;
  const over = await makePairing(sql, ONE, coach);
  await sql.query('update pairings set ends_at = now()');
  expect(await pair(sql, over.word, from)).toBeNull();
  expect(await pair(sql, 'ABCDEFGH', from)).toBeNull();
  const nobodys = await makePairing(sql, ONE, null);
  expect(await pair(sql, nobodys.word, from)).toBeNull();
  const second = await addAccount(
    sql,
    readNewAccount({ sign_in: 'bea', name: 'Bea', role: 'coach', passphrase: 'rake after balls' }),
    null,
  );
  const { word } = await makePairing(sql, ONE, second);
  const phone = (await pair(sql, word, from))!;
  await endAccount(sql, second, null);
  expect(await sessionOf(sql, phone.token)).toBeNull();
});

test('after too many wrong words the right one is not looked at', async () => {
  const { sql } = database;
  const { word } = await makePairing(sql, ONE, coach);
  const guesser = { ...from, address: '10.0.0.66' };
  for (let i = 0; i < 20; i++) await pair(sql, `ABCDEFG${'ABCDEFGHJKMNPQRTUVWX'[i]}`, guesser);
  expect(await pair(sql, word, guesser)).toBeNull();
  expect(await pair(sql, word, from)).not.toBeNull();
});
