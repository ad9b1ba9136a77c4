import { errorWords } from '@/core/tell/facts/faultWords';
import '@/core/model/batch/start';
import { format } from 'date-fns';
import { answer } from '@/core/tell/answer/answer';
import { MODEL_VERSION } from '@/core/tell/sheet/callSheet';
import { keptLine } from '@/core/tell/sheet/calledLine';
import type { Sql } from '@/data/sql/sql';
import { within } from '@/data/sql/within';
import { openDatabase } from '@/data/database';
import { countsOf } from '@/data/disk/rows';
import { cannotOpen } from '@/data/opening/cannotOpen';
import { situationFor } from '@/core/lesson/players/player';
import { writeAcademy } from '@/data/academy';
import { addPlayers } from '@/data/players';
import { saveReading } from '@/data/readings';
import { importLesson, saveLesson } from '@/data/lessons';
import { addResults, saveHomework } from '@/data/homework';
import { storeEyeResults } from '@/data/eye';
import { demoEye } from './eye';
import { saveTest } from '@/data/bunkerTests';
import { savePlace } from '@/data/places';
import { demoTests } from './bunkerTests';
import { DEMO_GROUND_LESSON_ID, DEMO_PLACE_ID, demoGroundLesson, demoPlace } from './ground';
import { demoLessons } from './lesson';
import { demoPractice } from './practice';
import { DEMO_HOUSE, DEMO_PLAYERS, DEMO_READINGS } from './academy';

/** What the product itself would call for a reading of the demo. */
function calledFor(playerId: string, shot: Record<string, unknown>): string {
  const player = DEMO_PLAYERS.find(({ id }) => id === playerId)!;
  const { sheet } = answer(situationFor(player, shot), 'yards', () => 0, 1);
  return keptLine(sheet.calls[0]);
}

/** True where anything was ever kept: players archived or deleted, lessons, readings, the academy's own settings. */
async function everHeld(sql: Sql): Promise<boolean> {
  const counts = await countsOf(sql);
  return ['players', 'lessons', 'readings', 'academy'].some((table) => counts[table]! > 0);
}

/** Puts the demo academy in, all of it or nothing; says what it did. */
async function put(sql: Sql): Promise<string> {
  if (await everHeld(sql)) return 'kept what is there';
  await writeAcademy(sql, DEMO_HOUSE);
  await addPlayers(sql, DEMO_PLAYERS);
  for (const { name, playerId, shot } of DEMO_READINGS) {
    const called = calledFor(playerId, shot);
    await saveReading(sql, { name, playerId, shot, called, model: MODEL_VERSION });
  }
  const lessons = demoLessons();
  for (const lesson of [...lessons].reverse()) await importLesson(sql, lesson);
  const today = format(new Date(), 'yyyy-MM-dd');
  const { id, plan, results } = demoPractice(today);
  await saveHomework(sql, id, plan);
  await addResults(sql, id, results);
  await storeEyeResults(sql, demoEye(today));
  for (const each of demoTests(today)) await saveTest(sql, each.id, each.test);
  const place = demoPlace('2026-04-02', '2026-05-07');
  await savePlace(sql, DEMO_PLACE_ID, place);
  await saveLesson(sql, DEMO_GROUND_LESSON_ID, demoGroundLesson(place, '2026-05-09'));
  return `${DEMO_PLAYERS.length} players, ${DEMO_READINGS.length} readings, ${lessons.length + 1} lessons`;
}

/** Opens the database, and puts the demo academy into one that never held anything. */
async function seed(): Promise<string> {
  const { sql, close } = await openDatabase();
  try {
    return await sql.transaction((tx) => put(within(tx)));
  } finally {
    await close();
  }
}

try {
  console.log(`demo academy: ${await seed()}`);
} catch (error) {
  console.error(cannotOpen(error) ? errorWords(error) : error);
  process.exitCode = 3;
}
