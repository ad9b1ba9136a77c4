import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aRecord } from '@/core/testing/records';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { addBalls, ballsOfLesson, changeBall } from '../balls';
import { lessonById, saveLesson } from '../lessons';
import { followBalls } from '../news';
import { addPlayers, listPlayers } from '../players';
import type { Engine } from '../sql/sql';
import { within } from '../sql/within';
import { ChangedElsewhere } from '../standing';
import { cutLines, newOnServer } from '../testing/serverDatabases';
import { DatabaseAway } from './away';
import { openServer } from '../opening/openServer';

const LESSON = '11111111-1111-4111-8111-111111111111';
const ball = (n: number, fields: object = {}) => aBall(n, { player: 'ada', ...fields });
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

let url: string;
let drop: () => Promise<unknown>;
/** Two processes of the product, as the server knows them. */
let one: Engine;
let other: Engine;

beforeAll(async () => {
  ({ url, drop } = await newOnServer());
  one = (await openServer(url)).sql;
  other = (await openServer(url)).sql;
  await addPlayers(one, [{ id: 'ada', ...aRecord({ name: 'Ada' }) }]);
});
afterAll(async () => {
  await one.close();
  await other.close();
  await drop();
});

test('values are as they are from a folder', async () => {
  const { rows } = await one.query(
    `select '2026-02-03'::date as day, 9007199254740991::bigint as big, 0.1::float8 as part, '{"a":[1]}'::jsonb as json,
       '\\x00ff'::bytea as bytes, array['a','b'] as list, now() at time zone 'utc' = now()::timestamp as utc`,
  );
  expect(rows).toEqual([
    {
      day: '2026-02-03',
      big: Number.MAX_SAFE_INTEGER,
      part: 0.1,
      json: { a: [1] },
      bytes: Buffer.from([0, 255]),
      list: ['a', 'b'],
      utc: true,
    },
  ]);
});

test('an error does not carry what was typed', async () => {
  await one.query('create table typed (word text unique)');
  const put = () => one.query('insert into typed values ($1)', ['a secret of Ada’s']);
  await put();
  const error = (await put().catch((caught: unknown) => caught)) as Error;
  expect(error.message).toMatch(/unique/);
  expect(JSON.stringify({ ...error })).not.toContain('secret');
});

describe('a line that is cut', () => {
  test('in a transaction leaves nothing of it, and the next is answered', async () => {
    const id = (n: number) => `cut-${n}`;
    const half = one.transaction(async (tx) => {
      await addPlayers(within(tx), [{ id: id(1), ...aRecord({ name: 'Cut' }) }]);
      expect(await cutLines(url, "state like 'idle in transaction%'")).toBe(1);
      await addPlayers(within(tx), [{ id: id(2), ...aRecord({ name: 'Cut too' }) }]);
    });
    await expect(half).rejects.toThrow(DatabaseAway);
    const { players } = await listPlayers(one);
    expect(players.map(({ id: each }) => each)).toEqual(['ada']);
  });

  test('while nobody asks on it harms nobody for longer than one question', async () => {
    await one.query('select 1');
    expect(await cutLines(url)).toBeGreaterThan(0);
    await one
      .query('select 1')
      .catch((error: unknown) => expect(error).toBeInstanceOf(DatabaseAway));
    await pause(50);
    expect((await one.query('select 1 as here')).rows).toEqual([{ here: 1 }]);
  });

  test('while a lesson is followed loses no ball of it', async () => {
    await saveLesson(one, LESSON, aPlan({ players: ['ada'] }));
    const heard: string[] = [];
    const end = await followBalls(one, { name: '', seen: one }, LESSON, 0, (balls) =>
      heard.push(...balls.map(({ id }) => id)),
    );
    await cutLines(url, "query like 'listen%'");
    // Logged while nobody listens.
    await addBalls(other, LESSON, [ball(1), ball(2)]);
    for (let i = 0; heard.length < 2 && i < 250; i++) await pause(20);
    await addBalls(other, LESSON, [ball(3)]);
    for (let i = 0; heard.length < 3 && i < 250; i++) await pause(20);
    expect(heard).toEqual([1, 2, 3].map((n) => ball(n).id));
    end();
  });
});

test('of two who change one plan at the same moment the later is told', async () => {
  for (let round = 0; round < 15; round++) {
    const { version } = (await lessonById(one, LESSON))!;
    const saved = await Promise.allSettled(
      [one, other].map((sql, i) =>
        saveLesson(sql, LESSON, aPlan({ players: ['ada'], notes: `${round} by ${i}` }), version),
      ),
    );
    const refused = saved.filter((each) => each.status === 'rejected');
    expect(refused.map(({ reason }) => reason as unknown)).toEqual([expect.any(ChangedElsewhere)]);
  }
});

test('of two who change one ball at the same moment the later is told', async () => {
  for (let round = 0; round < 15; round++) {
    const { touched } = (await ballsOfLesson(one, LESSON))[0]!;
    const saved = await Promise.allSettled(
      [one, other].map((sql, i) =>
        changeBall(sql, ball(1).id, { excluded: `${round} by ${i}` }, touched),
      ),
    );
    expect(saved.filter(({ status }) => status === 'rejected')).toHaveLength(1);
  }
});

test('no ball is logged at a station that is taken away at the same moment', async () => {
  const plan = (stations: number): LessonPlan => {
    const whole = aPlan({ players: ['ada'] });
    return { ...whole, stations: Array.from({ length: stations }, () => whole.stations[0]!) };
  };
  for (let round = 0; round < 15; round++) {
    const id = `33333333-3333-4333-8333-${String(round).padStart(12, '0')}`;
    await saveLesson(one, id, plan(2));
    await Promise.allSettled([
      addBalls(one, id, [ball(500 + round, { station: 1 })]),
      saveLesson(other, id, plan(1)),
    ]);
    const { plan: stands } = (await lessonById(one, id))!;
    const balls = await ballsOfLesson(one, id);
    expect(balls.every(({ station }) => station < stands.stations.length)).toBe(true);
    expect(balls.length + (2 - stands.stations.length)).toBe(1);
  }
});

test('balls that come while a clock is put back by a day are in the order in which they came', async () => {
  const id = '44444444-4444-4444-8444-444444444444';
  await saveLesson(one, id, aPlan({ players: ['ada'] }));
  const hit = (n: number, day: number) =>
    addBalls(one, id, [ball(700 + n, { hit_at: `2026-05-0${day}T10:00:00.000Z` })]);
  await hit(1, 3);
  await hit(2, 2);
  await hit(3, 3);
  const balls = await ballsOfLesson(one, id);
  expect(balls.map(({ id: each }) => each)).toEqual([701, 702, 703].map((n) => ball(n).id));
  const heard: string[] = [];
  const end = await followBalls(one, { name: '', seen: one }, id, balls[0]!.touched, (more) =>
    heard.push(...more.map(({ id: each }) => each)),
  );
  for (let i = 0; heard.length < 2 && i < 250; i++) await pause(20);
  expect(heard).toEqual([702, 703].map((n) => ball(n).id));
  end();
});
