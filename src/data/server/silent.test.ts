import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aRecord } from '@/core/testing/records';
import { addBalls, ballsOfLesson, changeBall } from '../balls';
import { saveLesson } from '../lessons';
import { followBalls } from '../news';
import { openServer } from '../opening/openServer';
import { addPlayers } from '../players';
import type { Engine } from '../sql/sql';
import { askServer, newOnServer } from '../testing/serverDatabases';
import { silentProxy, type SilentProxy } from '../testing/silentProxy';
import { DatabaseAway } from './away';

const LESSON = '11111111-1111-4111-8111-111111111111';
const ball = (n: number) => aBall(n, { player: 'ada' });

/** The longest until somebody hears that a line is gone, ms: what is promised, and half a second for a busy machine. */
const NOTICED_MS = 5_500;

let url: string;
let drop: () => Promise<unknown>;
let proxy: SilentProxy;
/** Behind lines that can fall silent, and beside them. */
let behind: Engine;
let beside: Engine;

beforeAll(async () => {
  ({ url, drop } = await newOnServer());
  proxy = await silentProxy(url);
  beside = (await openServer(url)).sql;
  behind = (await openServer(proxy.url)).sql;
  await addPlayers(beside, [{ id: 'ada', ...aRecord({ name: 'Ada' }) }]);
  await saveLesson(beside, LESSON, aPlan({ players: ['ada'] }));
});
afterAll(async () => {
  await proxy.close();
  await behind.close();
  await beside.close();
  await drop();
});

/** How long something takes, ms, and what came of it. */
async function timed(work: Promise<unknown>): Promise<{ ms: number; came: unknown }> {
  const began = Date.now();
  const came = await work.catch((error: unknown) => error);
  return { ms: Date.now() - began, came };
}

test('a line that falls silent is noticed by whoever asks on it, and the next is answered', async () => {
  await behind.query('select 1');
  proxy.hush();
  const { ms, came } = await timed(behind.query('select 1'));
  expect(came).toBeInstanceOf(DatabaseAway);
  expect(ms).toBeLessThan(NOTICED_MS);
  expect((await behind.query('select 1 as here')).rows).toEqual([{ here: 1 }]);
});

test('a transaction whose line falls silent gives its locks up', async () => {
  const half = behind.transaction(async (tx) => {
    await tx.query('update lessons set summary = $2 where id = $1', [LESSON, 'half']);
    proxy.hush();
    await tx.query('select 1');
  });
  const { ms, came } = await timed(half);
  expect(came).toBeInstanceOf(DatabaseAway);
  expect(ms).toBeLessThan(NOTICED_MS);
  const saved = await timed(addBalls(beside, LESSON, [ball(1)]));
  expect(saved.came).toEqual([ball(1).id]);
  expect(saved.ms).toBeLessThan(1_000);
});

test('a server that lets no new line in either is noticed, and waited for no longer than promised', async () => {
  await behind.query('select 1');
  proxy.hush(true);
  const { ms, came } = await timed(behind.query('select 1'));
  expect(came).toBeInstanceOf(DatabaseAway);
  expect(ms).toBeLessThan(NOTICED_MS);
  proxy.open();
  expect((await behind.query('select 1 as here')).rows).toEqual([{ here: 1 }]);
});

test('work that takes its time is waited for', async () => {
  const { ms, came } = await timed(behind.query('select pg_sleep(4)::text as slept'));
  expect(came).toMatchObject({ rows: [{ slept: '' }] });
  expect(ms).toBeGreaterThan(3_900);
});

test('who listens on a line that falls silent hears of a ball all the same', async () => {
  const heard: string[] = [];
  const end = await followBalls(behind, { name: '', seen: behind }, LESSON, 0, (balls) =>
    heard.push(...balls.map(({ id }) => id)),
  );
  while (heard.length < 1) await new Promise((resolve) => setTimeout(resolve, 20));
  proxy.hush();
  await addBalls(beside, LESSON, [ball(2)]);
  const began = Date.now();
  while (heard.length < 2 && Date.now() - began < 20_000) {
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  expect(heard).toEqual([ball(1).id, ball(2).id]);
  // The listening line is cut within twice its pulse; what asks for the news may have to find its own line gone, too.
  expect(Date.now() - began).toBeLessThan(2 * NOTICED_MS);
  end();
});

test('two processes that append and change at once are refused nothing, and the server takes nothing back', async () => {
  const failures = async (): Promise<number> => {
    const [row] = await askServer<{ n: number }>(
      url,
      'select xact_rollback::int as n from pg_stat_database where datname = current_database()',
    );
    return row!.n;
  };
  const other = (await openServer(url)).sql;
  const lessons = [3, 4].map((n) => `${n}${n}${LESSON.slice(2)}`);
  for (const id of lessons) await saveLesson(beside, id, aPlan({ players: ['ada'] }));
  const before = await failures();
  const rounds = 40;
  await Promise.all(
    [beside, other, beside, other].map(async (sql, who) => {
      const lesson = lessons[who % 2]!;
      for (let i = 0; i < rounds; i++) {
        const one = ball(1000 * (who + 1) + i);
        await addBalls(sql, lesson, [one]);
        await ballsOfLesson(sql, lesson);
        await changeBall(sql, one.id, { excluded: 'seen twice' });
      }
    }),
  );
  for (const id of lessons) expect(await ballsOfLesson(beside, id)).toHaveLength(2 * rounds);
  await other.close();
  expect((await failures()) - before).toBe(0);
});
