import { check, FaultyInput, MOST_FAULTS, type Fault } from '@/core/tell/format/fault';
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
} from '@/core/tell/format/fields';
import { clubName } from '@/core/tell/format/club';
import { playerIdField, timeField, uuidField } from '@/core/tell/format/ids';
import { learntSchema, learntVersion } from '@/core/tell/format/player';
import { shotSchema } from '@/core/tell/format/shot';
import { exchangedBallFields } from '../balls/ball';
import { DECISIONS } from '../learning/decision';
import { closingFields, planSchema, readKeptPlan } from '../plan/lesson';
import { contactSchema } from '../players/contact';
import { readPlayerRecord, recordSchema, type PlayerRecord } from '../players/record';

export const PLAYER_FORMAT = 'mellow-divot/player-export';

/** Most of anything that one player's file may hold: more than anybody has. */
const MOST = { readings: 10_000, shots: 50_000, lessons: 5_000, balls: 100_000, decisions: 5_000 };

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
  const lessons = new Set(file.lessons.map(({ id }) => id));
  const faults = file.balls.flatMap(({ player: hitBy, lesson }, i): Fault[] => [
    ...(hitBy === file.id
      ? []
      : [{ path: `balls[${i}].player`, message: 'is not the player of this file' }]),
    ...(lessons.has(lesson)
      ? []
      : [{ path: `balls[${i}].lesson`, message: 'is not among the lessons of this file' }]),
  ]);
  if (faults.length > 0) throw new FaultyInput(faults.slice(0, MOST_FAULTS));
  return { ...file, player };
}
