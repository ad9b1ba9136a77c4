import { fact } from '@/core/ground/fact/fact';
import { check, FaultyInput, MOST_FAULTS, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  formatFields,
  flagField,
  integerField,
  listField,
  numberField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';
import { clubName } from '@/core/contract/shot/club';
import { playerIdField, timeField, uuidField } from '@/core/contract/check/ids';
import { learntSchema, learntVersion } from '@/core/contract/shot/player';
import { shotSchema } from '@/core/contract/shot/shot';
import { exchangedBallFields } from '../balls/ball';
import { eyeResultFields } from '../eye/answer';
import { readTest, testFields } from '../bunkerTest/test';
import { homeworkFields, readHomework } from '../homework/plan';
import { MOST_RESULTS, resultFields } from '../homework/result';
import { DECISIONS } from '../learning/decision';
import { closingFields, planSchema, readKeptPlan } from '../plan/lesson';
import { contactSchema } from '../players/contact';
import { readPlayerRecord, recordSchema, type PlayerRecord } from '../players/record';

export const PLAYER_FORMAT = 'mellow-divot/player-export';

/** Most of anything that one player's file may hold: more than anybody has. */
const MOST = {
  readings: 10_000,
  shots: 50_000,
  lessons: 5_000,
  balls: 100_000,
  decisions: 5_000,
  plans: 2_000,
  tests: 5_000,
  scenes: 20_000,
};

const shotOfReading = {
  shot: required(shotSchema),
  /** What was called, in a line. */
  called: required(textField(0, 400)),
  saved_at: required(timeField),
};

export const playerFileSchema = exactObject({
  ...formatFields(PLAYER_FORMAT, 2),
  id: required(playerIdField),
  archived: required(flagField()),
  player: required(recordSchema),
  contact: contactSchema,
  /** What calls use of what was learnt; absent where they come from the skill alone. */
  learnt: learntSchema,
  readings: required(
    listField(
      exactObject({
        id: required(uuidField),
        name: required(textField(1, 120)),
        ...shotOfReading,
        /** Version of the physics that called it, and of what was learnt of the player then. */
        model: required(textField(0, 200)),
        learnt: learntVersion.nullable(),
      }),
      0,
      MOST.readings,
    ),
  ),
  drafts: required(listField(exactObject({ id: required(uuidField), ...shotOfReading }), 0, 1000)),
  grass_shots: required(
    listField(
      exactObject({
        club: required(clubName),
        carry_m: required(numberField(0.01, 349.9, 'm')),
        hit_at: required(timeField),
      }),
      0,
      MOST.shots,
    ),
  ),
  lessons: required(
    listField(
      exactObject({ id: required(uuidField), plan: required(planSchema), ...closingFields }),
      0,
      MOST.lessons,
    ),
  ),
  /** Each with its lesson, in the order in which they were hit. */
  balls: required(
    listField(exactObject({ ...exchangedBallFields, lesson: required(uuidField) }), 0, MOST.balls),
  ),
  /** Practice that the player took home, and how it went; files that were made before there was any lack it. */
  practice: listField(
    exactObject({
      id: required(uuidField),
      plan: required(exactObject(homeworkFields)),
      results: required(listField(exactObject(resultFields), 0, MOST_RESULTS)),
    }),
    0,
    MOST.plans,
  ),
  /** Bunker tests of the player; files that were made before there were any lack them. */
  tests: listField(
    exactObject({ id: required(uuidField), test: required(exactObject(testFields)) }),
    0,
    MOST.tests,
  ),
  /** Scenes that the player read and called, first answered first; files that were made before there were any lack them. */
  eye: listField(exactObject(eyeResultFields), 0, MOST.scenes),
  /** What was decided about learnings, earliest first, with the factors of each version. */
  learnings: required(
    listField(
      exactObject({
        decision: required(wordField(DECISIONS)),
        version: learntVersion.nullable(),
        factors: learntSchema.nullable(),
        balls: required(integerField(0, 1_000_000)),
        decided_at: required(timeField),
      }),
      0,
      MOST.decisions,
    ),
  ),
});

/** Everything that the product holds about one player, as it leaves and comes back. */
export type PlayerFile = Of<typeof playerFileSchema> & { player: PlayerRecord };

/** What became, or would become, of a player's file. */
export interface PlayerImported {
  id: string;
  name: string;
  /** True when the player is in the roster already: the record there stays as it is. */
  known: boolean;
  /** What was not here before. */
  readings: number;
  lessons: number;
  balls: number;
  grassShots: number;
}

/**
 * Checks a player's file that is to be imported.
 *
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readPlayerFile(input: unknown): PlayerFile {
  const file = check(playerFileSchema, input);
  const player = readPlayerRecord(file.player);
  for (const { plan } of file.lessons) readKeptPlan(plan);
  for (const { plan } of file.practice ?? []) readHomework(plan);
  for (const { test } of file.tests ?? []) readTest(test);
  const lessons = new Set(file.lessons.map(({ id }) => id));
  const faults = file.balls.flatMap(({ player: hitBy, lesson }, i): Fault[] => [
    ...(hitBy === file.id
      ? []
      : [{ path: `balls[${i}].player`, message: fact('playerFile.otherPlayer') }]),
    ...(lessons.has(lesson)
      ? []
      : [{ path: `balls[${i}].lesson`, message: fact('playerFile.otherLesson') }]),
  ]);
  (file.practice ?? []).forEach(({ plan }, i) => {
    if (plan.player === file.id) return;
    faults.push({
      path: `practice[${i}].plan.player`,
      message: fact('playerFile.otherPlayer'),
    });
  });
  (file.tests ?? []).forEach(({ test }, i) => {
    if (test.player === file.id) return;
    faults.push({ path: `tests[${i}].test.player`, message: fact('playerFile.otherPlayer') });
  });
  (file.eye ?? []).forEach(({ player: answeredBy }, i) => {
    if (answeredBy === file.id) return;
    faults.push({ path: `eye[${i}].player`, message: fact('playerFile.otherPlayer') });
  });
  if (faults.length > 0) throw new FaultyInput(faults.slice(0, MOST_FAULTS));
  return { ...file, player };
}
