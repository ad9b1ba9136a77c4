import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { moveData } from '@/cli/moves';
import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aRecord } from '@/core/testing/records';
import { addBalls, ballsOfLesson, changeBall } from '../balls';
import type { Database } from '../opening/database';
import { everythingAbout } from '../everything';
import { openFolder } from '../opening/openFolder';
import { addGrassShots } from '../grassShots';
import { saveLesson } from '../lessons';
import { addPlayers } from '../players';
import { openServer } from '../opening/openServer';
import type { Sql } from '../sql/sql';
import { emptyFolder } from '../testing/emptyFolder';
import { newOnServer } from '../testing/serverDatabases';
import { moveAll } from './moveAll';

const LESSON = '11111111-1111-4111-8111-111111111111';
const folders: string[] = [];
const drops: (() => Promise<unknown>)[] = [];
const said: string[] = [];
let asItWas: string | undefined;

beforeAll(() => {
  asItWas = process.env.MELLOW_DATA;
  for (const stream of [process.stdout, process.stderr]) {
    jest.spyOn(stream, 'write').mockImplementation((text) => said.push(String(text)) > 0);
  }
});
beforeEach(() => said.splice(0));
afterAll(async () => {
  jest.restoreAllMocks();
  if (asItWas === undefined) delete process.env.MELLOW_DATA;
  else process.env.MELLOW_DATA = asItWas;
  for (const folder of folders) rmSync(folder, { recursive: true, force: true });
  for (const drop of drops) await drop();
});

async function server(): Promise<string> {
  const { url, drop } = await newOnServer();
  drops.push(drop);
  return url;
}

/** A data folder, named to the command as the product's own; with a player, balls and odd values when it is not to be empty. */
async function folderWith(anything: boolean): Promise<string> {
  const folder = anything
    ? await emptyFolder('move')
    : mkdtempSync(path.join(os.tmpdir(), 'mellow-back-'));
  folders.push(folder);
  process.env.MELLOW_DATA = folder;
  if (!anything) return folder;
  await inIt(openFolder(folder), fill);
  return folder;
}

async function inIt<T>(
  opening: Promise<Database>,
  work: (sql: Database['sql']) => Promise<T>,
): Promise<T> {
  const { sql, close } = await opening;
  try {
    return await work(sql);
  } finally {
    await close();
  }
}

async function fill(sql: Sql): Promise<void> {
  const odd = '\\ "quoted"; \t tab\n “µ” 🏖 {a,NULL}';
  await addPlayers(sql, [
    { id: 'ada', ...aRecord({ name: odd, notes: '' }) },
    { id: 'bo', ...aRecord({ name: 'Bo' }) },
  ]);
  await addGrassShots(sql, 'ada', [{ club: '56', carry: 1 / 3 }]);
  await saveLesson(sql, LESSON, aPlan({ players: ['ada', 'bo'], notes: odd }));
  await addBalls(
    sql,
    LESSON,
    Array.from({ length: 2300 }, (_, n) => aBall(n, { player: 'ada' })),
  );
  await changeBall(sql, aBall(7).id, { excluded: odd });
  await changeBall(sql, aBall(8).id, { deleted: true });
}

/** What is known of the players, and the balls with their numbers. */
const allOf = async (sql: Sql): Promise<unknown> => ({
  ada: await everythingAbout(sql, 'ada'),
  bo: await everythingAbout(sql, 'bo'),
  balls: await ballsOfLesson(sql, LESSON),
});

test('everything goes from a folder to a server and back, and is the same; what is numbered later goes on', async () => {
  const folder = await folderWith(true);
  const before = await inIt(openFolder(folder), allOf);
  const url = await server();
  expect(await moveData(['--to', url])).toBe(0);
  expect(said.join('')).toMatch(/^Moved 2 players, 1 lessons, 2300 balls; \d+ rows in all/);
  await inIt(openServer(url), async (sql) => {
    expect(await allOf(sql)).toEqual(before);
    const numbers = (await ballsOfLesson(sql, LESSON)).map(({ touched }) => touched);
    await addBalls(sql, LESSON, [aBall(9000, { player: 'bo' })]);
    const last = (await ballsOfLesson(sql, LESSON)).at(-1)!;
    expect(last.id).toBe(aBall(9000).id);
    expect(last.touched).toBeGreaterThan(Math.max(...numbers));
  });
  const back = await folderWith(false);
  expect(await moveData(['--from', url])).toBe(0);
  const [there, here] = [await inIt(openServer(url), allOf), await inIt(openFolder(back), allOf)];
  expect(here).toEqual(there);
});

test('what holds anything already, or is in use, is refused and stays as it is', async () => {
  await folderWith(true);
  const url = await server();
  await inIt(openServer(url), async (sql) => {
    expect(await moveData(['--to', url])).toBe(1);
    expect(said.join('')).toMatch(/runs on that database\. Stop it first/);
    await addPlayers(sql, [{ id: 'cy', ...aRecord({ name: 'Cy' }) }]);
  });
  said.splice(0);
  expect(await moveData(['--to', url])).toBe(1);
  expect(said.join('')).toBe('Nothing was moved: there are players already where it would go.\n');
  await inIt(openServer(url), async (sql) => {
    const { rows } = await sql.query('select id from players');
    expect(rows).toEqual([{ id: 'cy' }]);
  });
});

test('a row that does not arrive as it was leaves nothing where it went', async () => {
  const folder = await folderWith(true);
  const url = await server();
  await inIt(openFolder(folder), (from) =>
    inIt(openServer(url), async (to) => {
      const bent: Sql = {
        query: to.query,
        transaction: (work) =>
          to.transaction((tx) =>
            work({
              ...tx,
              query: (text, params) =>
                tx.query(
                  text,
                  params?.map((each) =>
                    typeof each === 'string' ? each.replace('Bo', 'Bu') : each,
                  ),
                ),
            }),
          ),
      };
      await expect(moveAll(from, bent)).rejects.toThrow(
        /of 2 players 2 arrived, or not as they were/,
      );
      const { rows } = await to.query('select 1 from players union all select 1 from tracker');
      expect(rows).toHaveLength(1);
      // Saving a player does by itself what it did before.
      const { rows: off } = await to.query(
        "select 1 from pg_trigger where not tgisinternal and tgenabled = 'D'",
      );
      expect(off).toEqual([]);
    }),
  );
});

test('a line that says nothing of use says how it is used', async () => {
  expect(await moveData([])).toBe(2);
  expect(await moveData(['--to', 'a', '--from', 'b'])).toBe(2);
  expect(said.join('')).toMatch(/usage: npm run -s move/);
  await folderWith(false);
  expect(await moveData(['--to', 'nothing'])).toBe(3);
});
