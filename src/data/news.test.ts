import type { TouchedBall } from '@/core/lesson/balls/ball';
import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aRecord } from '@/core/testing/records';
import { addBalls, ballsOfLesson, changeBall } from './balls';
import type { Database } from './opening/database';
import { saveLesson } from './lessons';
import { followBalls } from './news';
import { addPlayers } from './players';
import { testDatabases } from './testing/testDatabases';

const openNew = testDatabases();
const ONE = '11111111-1111-4111-8111-111111111111';
const OTHER = '22222222-2222-4222-8222-222222222222';

let database: Database;
beforeAll(async () => {
  database = await openNew('news');
  const { sql } = database;
  await addPlayers(sql, [{ id: 'ada', ...aRecord({ name: 'Ada' }) }]);
  for (const id of [ONE, OTHER]) await saveLesson(sql, id, aPlan({ players: ['ada'] }));
});

const ball = (n: number) => aBall(n, { player: 'ada' });

/** Follows a lesson, and keeps what is brought. */
async function heardOf(lesson: string, after = 0) {
  const { sql } = database;
  const heard: TouchedBall[] = [];
  const end = await followBalls(sql, { name: '', seen: sql }, lesson, after, (balls) =>
    heard.push(...balls),
  );
  const ids = () => heard.map(({ id }) => id);
  /** Resolves once so many were heard of. */
  const have = async (count: number) => {
    for (let i = 0; heard.length < count; i++) {
      if (i > 200) throw new Error(`heard of ${heard.length}, not of ${count}`);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
  };
  return { heard, ids, have, end };
}

test('who follows a lesson is brought its balls as they are logged, changed and deleted, and no others', async () => {
  const { sql } = database;
  const one = await heardOf(ONE);
  const other = await heardOf(OTHER);
  await addBalls(sql, ONE, [ball(10), ball(11)]);
  await one.have(2);
  await changeBall(sql, ball(10).id, { excluded: 'slipped' });
  await one.have(3);
  await changeBall(sql, ball(10).id, { deleted: true });
  await one.have(4);
  expect(one.ids()).toEqual([10, 11, 10, 10].map((n) => ball(n).id));
  expect(one.heard[2]).toMatchObject({ excluded: 'slipped' });
  expect(one.heard[3]).toMatchObject({ deleted: true });
  one.end();
  await addBalls(sql, OTHER, [ball(12)]);
  await other.have(1);
  expect(one.heard).toHaveLength(4);
  other.end();
});

test('who comes later, or again, is brought what was touched since and nothing twice', async () => {
  const { sql } = database;
  const first = await heardOf(OTHER);
  await addBalls(sql, OTHER, [ball(20)]);
  await first.have(2);
  const again = await heardOf(OTHER, first.heard[0]!.touched);
  await again.have(1);
  expect(again.ids()).toEqual([ball(20).id]);
  await addBalls(sql, OTHER, [ball(21)]);
  await Promise.all([first.have(3), again.have(2)]);
  expect(again.ids()).toEqual([ball(20).id, ball(21).id]);
  first.end();
  again.end();
});

test('balls that many log at the same time are all brought, whoever was quicker', async () => {
  const { sql } = database;
  const { length: before } = await ballsOfLesson(sql, ONE);
  const one = await heardOf(ONE);
  await one.have(before + 1);
  const logged = Array.from({ length: 60 }, (_, i) => ball(100 + i));
  await Promise.all(logged.map((each) => addBalls(sql, ONE, [each])));
  await one.have(before + 1 + logged.length);
  expect(new Set(one.ids()).size).toBe(before + 1 + logged.length);
  const order = one.heard.map(({ touched }) => touched);
  expect(order).toEqual([...order].sort((a, b) => a - b));
  one.end();
});
