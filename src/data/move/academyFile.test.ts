import { gunzipSync, gzipSync } from 'node:zlib';
import { FaultyInput } from '@/core/contract/check/fault';
import { aBall } from '@/core/testing/balls';
import { aRecord } from '@/core/testing/records';
import { addAccount, hasHeadCoach } from '../access/accounts';
import { sessionOf, signIn } from '../access/sessions';
import { addBalls, ballsOfLesson } from '../balls';
import { everythingAbout } from '../everything';
import type { Database } from '../opening/database';
import { addPlayers } from '../players';
import { testDatabases } from '../testing/testDatabases';
import { threePlayers, uuid } from '../testing/threePlayers';
import { lookThrough, readAcademyFile, writeAcademyFile } from './academyFile';

const ODD = 'Zoë “Zed”\u2028O’Brien\n\u2029\\ "x"';
const opened = testDatabases();

let from: Database;
let to: Database;
let file: Buffer;
beforeAll(async () => {
  from = await opened('from');
  to = await opened('to');
  await threePlayers(from.sql);
  await addPlayers(from.sql, [{ id: 'odd', ...aRecord({ name: 'Odd', notes: ODD }) }]);
  await addAccount(
    from.sql,
    { sign_in: 'head', name: 'Head', role: 'head-coach', passphrase: 'a long passphrase' },
    null,
  );
  await addPlayers(to.sql, [{ id: 'gone', ...aRecord({ name: 'Gone' }) }]);
  file = await writeAcademyFile(from.sql);
});
const names = async ({ sql }: Database): Promise<string[]> =>
  (await sql.query<{ name: string }>('select name from players order by name')).rows.map(
    ({ name }) => name,
  );

/** The file with a change of its text. */
const bent = (change: (text: string) => string): Buffer =>
  gzipSync(change(gunzipSync(file).toString()));

describe('a file that is not one, or not whole, changes nothing', () => {
  test.each<[string, () => Buffer, RegExp]>([
    ['no packed file', () => Buffer.from('players'), /must be an academy’s file/],
    ['another file', () => gzipSync('{"format":"other"}\n'), /must be an academy’s file/],
    [
      'a line without an end',
      () => gzipSync(Buffer.alloc(40_000_000, '[')),
      /must be an academy’s file/,
    ],
    ['nothing', () => Buffer.alloc(0), /must be an academy’s file/],
    ['cut in the packing', () => file.subarray(0, file.length - 200), /must be an academy’s file/],
    [
      'without its foot',
      () => bent((text) => text.trimEnd().split('\n').slice(0, -1).join('\n')),
      /must be an academy’s file/,
    ],
    [
      'with a row less',
      () => bent((text) => text.replace(/\n\["ada", [^\n]*/, '')),
      /must be an academy’s file/,
    ],
    [
      'with a word changed',
      () => bent((text) => text.replace('"Head"', '"Tail"')),
      /must be an academy’s file/,
    ],
    [
      'with a value that is none',
      () => bent((text) => text.replace(/"20\d\d-\d\d-\d\d \d\d:/, '"no day:')),
      /must be an academy’s file/,
    ],
    [
      'of another version',
      () => bent((text) => text.replace(/"step":\d+/, '"step":3')),
      /another version of Mellow Divot \(3/,
    ],
  ])('%s', async (name, made, message) => {
    const refused = readAcademyFile(to.sql, made(), false);
    await expect(refused).rejects.toThrow(FaultyInput);
    await expect(readAcademyFile(to.sql, made(), false)).rejects.toRefuse(message);
    // What has a row too few or a word changed is found out by the sums alone.
    if (!/row less|word changed|value that/.test(name)) {
      await expect(lookThrough(made())).rejects.toRefuse(message);
    }
    expect(await names(to)).toEqual(['Gone']);
  });

  test('without anybody who may sign in, where people must', async () => {
    const { sql } = await opened('nobody');
    const empty = await writeAcademyFile(sql);
    await expect(readAcademyFile(to.sql, empty, true)).rejects.toRefuse(/nobody who may sign in/);
    expect(await names(to)).toEqual(['Gone']);
  });
});

test('everything arrives as it was, in the place of what was there, and goes on being numbered', async () => {
  const signedIn = await signIn(from.sql, 'head', 'a long passphrase', {
    address: '::1',
    device: 'test',
  });
  expect(signedIn).toHaveProperty('token');
  const counts = await readAcademyFile(to.sql, file, true);
  expect(counts).toMatchObject({ players: 4, lessons: 3, balls: 3, accounts: 1 });
  expect(await names(to)).toEqual(await names(from));
  for (const id of ['ada', 'bo', 'cy', 'odd']) {
    expect(await everythingAbout(to.sql, id)).toEqual(await everythingAbout(from.sql, id));
  }
  expect((await everythingAbout(to.sql, 'odd'))!.player.notes).toBe(ODD);
  expect(await hasHeadCoach(to.sql)).toBe(true);
  // Whoever is signed in there is not here.
  expect(await sessionOf(to.sql, (signedIn as { token: string }).token)).toBeNull();
  const lesson = uuid(6, 'ada');
  await addBalls(to.sql, lesson, [aBall(77, { player: 'ada' })]);
  const balls = await ballsOfLesson(to.sql, lesson);
  expect(balls).toHaveLength(2);
  expect(new Set(balls.map(({ seq }) => seq)).size).toBe(2);
  expect(balls.at(-1)!.id).toBe(aBall(77).id);
});

test('it can be put over itself', async () => {
  const again = await writeAcademyFile(to.sql);
  const before = await names(to);
  await readAcademyFile(to.sql, again, true);
  expect(await names(to)).toEqual(before);
});
