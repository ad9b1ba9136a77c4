import { homeworkFor, type LessonPlan } from '@/core/lesson/plan/lesson';
import type { NewBall } from '@/core/lesson/balls/ball';
import type { LessonFile } from '@/core/lesson/exchange/exchange';
import { A_CALL, aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import {
  addBalls,
  ballsOfLesson,
  ballsOfPlayer,
  changeBall,
  countSimulated,
  removeSimulated,
} from './balls';
import { glancesOfMonth } from './glances';
import { readMonth } from '@/core/lesson/plan/month';
import type { Database } from './opening/database';
import { testDatabases } from './testing/testDatabases';
import { acceptLearning, holdLearning, learningDecisions, resetLearning } from './learnings';
import {
  closeLesson,
  importLesson,
  lessonById,
  listLessons,
  saveLesson,
  setLessonDeleted,
} from './lessons';
import { addPlayers, playerById } from './players';
import { duplicateReading, saveReading } from './readings';
import { aimTracker, isTrackerKey, leaveTracker, makeTrackerKey, trackerState } from './tracker';

const openNew = testDatabases();
let database: Database;
const ID = '11111111-1111-4111-8111-111111111111';
const plan: LessonPlan = {
  held_on: '2026-05-02',
  place: 'Practice bunker',
  weather: 'dry',
  players: ['ada', 'bo'],
  stations: [{ name: 'High lip', shot: { pin_yd: 15 }, line: 1 }],
  balls_per_station: 8,
  minutes_per_turn: 10,
  notes: '',
};
beforeAll(async () => {
  database = await openNew('lessons');
  await addPlayers(
    database.sql,
    ['ada', 'bo', 'cy'].map((id) => ({
      id,
      name: id.toUpperCase(),
      handed: 'right' as const,
      skill: 'middle' as const,
      cautions: [],
      schools: [],
      notes: '',
      bag: [{ name: '56', type: 'wedge' as const, loft_deg: 56 }],
    })),
  );
});

test('a lesson is saved, saved again in place, listed by player, deleted and brought back', async () => {
  const { sql } = database;
  await expect(saveLesson(sql, ID, { ...plan, players: ['ada', 'nobody'] })).rejects.toRefuse(
    'players[1]: there is no player "nobody" in the roster',
  );
  expect(await lessonById(sql, ID)).toBeNull();
  await saveLesson(sql, ID, plan);
  await saveLesson(sql, ID, { ...plan, players: ['bo', 'ada'] });
  expect((await lessonById(sql, ID))!.players.map(({ id }) => id)).toEqual(['bo', 'ada']);
  expect(await listLessons(sql, 'ada')).toHaveLength(1);
  expect(await listLessons(sql, 'cy')).toEqual([]);
  await setLessonDeleted(sql, ID, true);
  expect(await listLessons(sql)).toEqual([]);
  await setLessonDeleted(sql, ID, false);
  const own_homework = [
    { player: 'ada', text: 'Forty balls.' },
    { player: 'bo', text: '  ' },
  ];
  await closeLesson(sql, ID, { summary: 'Better.', homework: 'Line.', own_homework, closed: true });
  const lesson = (await lessonById(sql, ID))!;
  expect(lesson).toMatchObject({ closed: true, homework: 'Line.' });
  expect(lesson.own_homework).toEqual([own_homework[0]]);
  expect(homeworkFor(lesson, 'ada')).toBe('Line.\nForty balls.');
  expect(homeworkFor(lesson, 'bo')).toBe('Line.');
});

test('a ball sent twice is saved once and acknowledged twice; the order is the server’s', async () => {
  const { sql } = database;
  const late = aBall(1, { hit_at: '2026-05-02T11:00:00Z' });
  const early = aBall(2, { hit_at: '2026-05-02T09:00:00Z' });
  expect(await addBalls(sql, ID, [late])).toEqual([late.id]);
  expect((await addBalls(sql, ID, [{ ...late, entry_m: 0.09 }, early]))!.sort()).toEqual(
    [late.id, early.id].sort(),
  );
  const stored = await ballsOfLesson(sql, ID);
  expect(stored.map(({ id }) => id)).toEqual([late.id, early.id]);
  expect(stored[0]!.entry_m).toBe(0.04);
});

test('two devices that log at once lose nothing', async () => {
  const { sql } = database;
  await Promise.all(
    Array.from({ length: 20 }, (_, i) =>
      addBalls(sql, ID, [aBall(100 + i, { player: i % 2 ? 'ada' : 'bo' })]),
    ),
  );
  expect(await ballsOfLesson(sql, ID)).toHaveLength(22);
  expect(await ballsOfPlayer(sql, 'bo')).toHaveLength(10);
});

test('a stranger’s ball, or one for no lesson, saves nothing', async () => {
  const { sql } = database;
  await expect(
    addBalls(sql, ID, [aBall(50), aBall(51, { player: 'cy', station: 1 })]),
  ).rejects.toMatchObject({
    faults: [{ path: 'balls[1].player' }, { path: 'balls[1].station' }],
  });
  expect(await addBalls(sql, ID.replace(/1/g, '2'), [aBall(52)])).toBeNull();
  expect(await ballsOfLesson(sql, ID)).toHaveLength(22);
});

test('a ball is edited, excluded with its reason, taken away and brought back', async () => {
  const { sql } = database;
  const { id } = aBall(1);
  expect(await changeBall(sql, id, { entry_m: 0.06, strike: 'thin' })).toMatchObject({
    entry_m: 0.06,
    strike: 'thin',
  });
  expect(await changeBall(sql, id, { excluded: 'stone' })).toMatchObject({
    excluded: 'stone',
    entry_m: 0.06,
  });
  await changeBall(sql, id, { deleted: true });
  expect(await ballsOfLesson(sql, ID)).toHaveLength(21);
  await changeBall(sql, id, { deleted: false, excluded: '' });
  const [first] = await ballsOfLesson(sql, ID);
  expect(first!.excluded).toBeUndefined();
  expect(await changeBall(sql, ID, { excluded: 'x' })).toBeNull();
});

test('a month tells of its lessons what came out, and of other months nothing', async () => {
  const { sql } = database;
  await changeBall(sql, aBall(1).id, { along_m: 12 });
  const { [ID]: glance } = await glancesOfMonth(sql, '2026-05');
  expect(glance!.out).toMatchObject({ count: 1, of: 1 });
  expect(await glancesOfMonth(sql, '2026-06')).toEqual({});
  await setLessonDeleted(sql, ID, true);
  expect(await glancesOfMonth(sql, '2026-05')).toEqual({});
  await setLessonDeleted(sql, ID, false);
  expect(() => readMonth('2026-13')).toRefuse('month: must be a month as YYYY-MM, not "2026-13"');
});

test('a plan keeps the players and shots that balls are logged for; names and further stations are free', async () => {
  const { sql } = database;
  await expect(saveLesson(sql, ID, { ...plan, players: ['ada'] })).rejects.toRefuse(
    'must keep "bo"',
  );
  const other = { ...plan.stations[0]!, shot: { pin_yd: 20 } };
  await expect(saveLesson(sql, ID, { ...plan, stations: [other] })).rejects.toRefuse(
    'stations[0]: must stay with its shot',
  );
  const renamed = { ...plan.stations[0]!, name: 'Left of the oak' };
  await saveLesson(sql, ID, { ...plan, stations: [renamed, other] });
  expect((await lessonById(sql, ID))!.plan.stations).toHaveLength(2);
});

test('a lesson’s file taken again adds what is missing and leaves the rest; all of it or nothing', async () => {
  const { sql } = database;
  const file = (id: string, balls: NewBall[]): LessonFile => ({
    format: 'mellow-divot/lesson',
    version: 1,
    id,
    plan,
    summary: 'From the file.',
    homework: '',
    closed: true,
    balls,
  });
  const id = ID.replace(/1/g, '3');
  const first = await importLesson(sql, file(id, [aBall(300), aBall(301)]));
  expect(first).toEqual({ id, known: false, added: 2 });
  await closeLesson(sql, id, { summary: 'By hand.', homework: '', closed: true });
  await setLessonDeleted(sql, id, true);
  const again = await importLesson(sql, file(id, [aBall(300, { entry_m: 0 }), aBall(302)]));
  expect(again).toEqual({ id, known: true, added: 1 });
  expect(await lessonById(sql, id)).toMatchObject({ summary: 'By hand.', balls: 3 });
  expect((await ballsOfLesson(sql, id))[0]!.entry_m).toBe(0.04);
  const copy = ID.replace(/1/g, '4');
  await expect(importLesson(sql, file(copy, [aBall(400), aBall(301)]))).rejects.toRefuse(
    'balls[1].id: is the id of a ball in another lesson',
  );
  expect(await lessonById(sql, copy)).toBeNull();
});

test('what was learnt gets a new version each time, and can be let go', async () => {
  const { sql } = database;
  const factors = {
    balls: 20,
    mark_bias_mm: 8,
    mark_scale: 0.9,
    distance: 1.05,
    distance_scale: 1,
    aim_bias_deg: 0,
    aim_scale: 1,
    clubs: [],
  };
  expect((await acceptLearning(sql, 'ada', factors))!.version).toBe(1);
  expect((await acceptLearning(sql, 'ada', factors))!.version).toBe(2);
  expect((await playerById(sql, 'ada'))!.learnt).toEqual({ version: 2, ...factors });
  expect(await resetLearning(sql, 'ada')).toBe(true);
  expect((await playerById(sql, 'ada'))!.learnt).toBeUndefined();
  expect((await acceptLearning(sql, 'ada', factors))!.version).toBe(3);
  expect(await acceptLearning(sql, 'nobody', factors)).toBeNull();
});

test('what was decided is remembered, latest first, with the version in force', async () => {
  const { sql } = database;
  const before = await learningDecisions(sql, 'ada');
  expect(before.map(({ decision, version }) => [decision, version])).toEqual([
    ['accepted', 3],
    ['let-go', null],
    ['accepted', 2],
    ['accepted', 1],
  ]);
  expect(await holdLearning(sql, 'ada', 44)).toBe(true);
  const [held] = await learningDecisions(sql, 'ada');
  expect(held).toMatchObject({ decision: 'held', version: 3, balls: 44 });
  expect(held!.factors).toMatchObject({ mark_bias_mm: 8 });
  expect(await holdLearning(sql, 'nobody', 1)).toBe(false);
  expect(await resetLearning(sql, 'nobody')).toBe(false);
});

test('a kept call remembers which learning it was made with', async () => {
  const { sql } = database;
  const keep = (playerId: string) =>
    saveReading(sql, { name: 'x', playerId, shot: { pin_yd: 15 }, called: '56', model: '1.0.0' });
  const kept = (await keep('ada'))!;
  expect(kept.learnt).toBe(3);
  expect((await duplicateReading(sql, kept.id))!.learnt).toBe(3);
  expect((await keep('bo'))!.learnt).toBeNull();
});

test('balls after a ball of the server’s order; balls of a deleted lesson teach nothing', async () => {
  const { sql } = database;
  const all = await ballsOfLesson(sql, ID);
  expect((await ballsOfLesson(sql, ID, all[4]!.seq)).map(({ id }) => id)).toEqual(
    all.slice(5).map(({ id }) => id),
  );
  const [one] = await ballsOfPlayer(sql, 'bo');
  expect(one).toMatchObject({ lesson: ID, at: { shot: { pin_yd: 15 } } });
  await setLessonDeleted(sql, ID, true);
  expect(await ballsOfPlayer(sql, 'bo')).toEqual([]);
  await setLessonDeleted(sql, ID, false);
});

test('a tracker’s key is good until the next is made; its aim goes with a word or with time', async () => {
  const { sql } = database;
  expect(await trackerState(sql)).toEqual({ keyMadeAt: null, aim: null });
  expect(await isTrackerKey(sql, '')).toBe(false);
  const first = await makeTrackerKey(sql);
  expect(await isTrackerKey(sql, first)).toBe(true);
  const second = await makeTrackerKey(sql);
  expect(await isTrackerKey(sql, first)).toBe(false);
  expect(await isTrackerKey(sql, second)).toBe(true);
  const aim = { lesson: ID, player: 'ada', station: 0, call: A_CALL };
  await aimTracker(sql, aim);
  expect((await trackerState(sql)).aim).toEqual(aim);
  await sql.query("update tracker set aimed_at = now() - interval '4 minutes'");
  expect((await trackerState(sql)).aim).toBeNull();
  await aimTracker(sql, aim);
  await leaveTracker(sql, { ...aim, player: 'bo' });
  expect((await trackerState(sql)).aim).toEqual(aim);
  await leaveTracker(sql, aim);
  expect((await trackerState(sql)).aim).toBeNull();
});

test('a ball that was changed since it was read is not changed over that', async () => {
  const { sql } = database;
  const lesson = '99999999-1111-4111-8111-111111111111';
  await saveLesson(sql, lesson, aPlan());
  await addBalls(sql, lesson, [aBall(91)]);
  const [read] = await ballsOfLesson(sql, lesson);
  const theirs = (await changeBall(sql, aBall(91).id, { excluded: 'slipped' }, read!.touched))!;
  await expect(changeBall(sql, aBall(91).id, { excluded: 'mine' }, read!.touched)).rejects.toRefuse(
    /changed on another device/,
  );
  expect((await ballsOfLesson(sql, lesson))[0]).toMatchObject({ excluded: 'slipped' });
  await changeBall(sql, aBall(91).id, { excluded: 'mine' }, theirs.touched);
  expect((await ballsOfLesson(sql, lesson))[0]).toMatchObject({ excluded: 'mine' });
  expect(await changeBall(sql, lesson, { excluded: 'nothing' }, 1)).toBeNull();
});

test('a ball of the simulated tracker does not count as it is logged, and goes with all of its kind', async () => {
  const { sql } = database;
  const real = await countSimulated(sql);
  const before = (await ballsOfLesson(sql, ID)).length;
  await addBalls(sql, ID, [
    aBall(700, { source: 'simulated' }),
    aBall(701, { source: 'simulated' }),
    aBall(702, { source: 'tracker' }),
  ]);
  const stored = await ballsOfLesson(sql, ID);
  expect(stored.slice(-3).map(({ source, excluded }) => [source, excluded])).toEqual([
    ['simulated', 'simulated'],
    ['simulated', 'simulated'],
    ['tracker', undefined],
  ]);
  expect(await countSimulated(sql)).toBe(real + 2);
  expect(await removeSimulated(sql)).toBe(real + 2);
  expect(await countSimulated(sql)).toBe(0);
  expect((await ballsOfLesson(sql, ID)).length).toBe(before + 1 - real);
});
