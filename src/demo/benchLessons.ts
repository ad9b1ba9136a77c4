import { readSituation } from '@/core/contract/shot/situation';
import { learn } from '@/core/lesson/learning/learn';
import { loggedBall, hitsFor } from '@/core/lesson/review/against';
import type { NewBall } from '@/core/lesson/balls/ball';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { median } from '@/core/ground/numeric/order';
import { situationFor } from '@/core/lesson/players/player';
import { plainGolferOf } from '@/core/model/golfer/golferOf';
import { addBalls } from '@/data/balls';
import { openDatabase } from '@/data/database';
import { saveLesson } from '@/data/lessons';
import { addPlayers } from '@/data/players';
import { DEMO_PLAYERS } from './academy';
import { DEMO_LESSON, demoLessons } from './lesson';

/* Fills the database with fifty thousand balls, or MELLOW_BENCH_BALLS, for the measurements of the lessons, and times the learning. */

const BALLS = 5_000;
const LESSONS = Number(process.env.MELLOW_BENCH_BALLS ?? 50_000) / BALLS;
const AT_ONCE = 500;
const LEARNT = 500;

const uuid = (group: number, n: number): string =>
  `00000000-0000-4000-8${String(group).padStart(3, '0')}-${String(n).padStart(12, '0')}`;

const plan: LessonPlan = { ...DEMO_LESSON, place: 'Bench' };
const patterns = demoLessons()[0]!.balls;

/** Ball `n` of a lesson: the demo's balls again and again. */
const ballOf = (lesson: number, n: number): NewBall => ({
  ...patterns[n % patterns.length]!,
  id: uuid(lesson, n),
});

const { sql, close } = await openDatabase();
await addPlayers(sql, DEMO_PLAYERS);
for (let lesson = 0; lesson < LESSONS; lesson++) {
  const id = uuid(900, lesson);
  await saveLesson(sql, id, plan);
  for (let n = 0; n < BALLS; n += AT_ONCE) {
    await addBalls(
      sql,
      id,
      Array.from({ length: AT_ONCE }, (_, k) => ballOf(lesson, n + k)),
    );
  }
}
for (let coach = 0; coach < 8; coach++) await saveLesson(sql, uuid(901, coach), plan);
await close();

const record = DEMO_PLAYERS.find(({ id }) => id === plan.players[0])!;
const own = patterns.filter(({ player }) => player === record.id);
const { player } = readSituation(situationFor(record, plan.stations[0]!.shot)).question;
const times: number[] = [];
for (let round = 0; round < 5; round++) {
  const start = performance.now();
  const hit = hitsFor(player, record);
  const balls = Array.from({ length: LEARNT }, (_, n) => {
    const ball = own[n % own.length]!;
    const at = plan.stations[ball.station]!;
    return loggedBall({ ...ball, at }, hit(ball.call, at), player);
  });
  learn(balls, plainGolferOf(player), 1);
  times.push(performance.now() - start);
}
const name = 'learning from 500 balls, the latest 120, ms';
console.log(`${name.padEnd(54)}${median(times).toFixed(0).padStart(9)}  aim 1000`);
