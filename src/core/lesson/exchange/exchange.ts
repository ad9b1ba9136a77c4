import Papa from 'papaparse';
import { check } from '@/core/tell/format/fault';
import { exactObject, formatFields, listField, required, type Of } from '@/core/tell/format/fields';
import { uuidField } from '@/core/tell/format/ids';
import { rounded } from '@/core/tell/format/rounded';
import { saidSetup } from '@/core/tell/format/setup';
import { exchangedBallSchema } from '../balls/ball';
import { closingFields, planSchema, readKeptPlan } from '../plan/lesson';

export const LESSON_FORMAT = 'mellow-divot/lesson';

/** What became of a lesson's file. */
export interface Imported {
  id: string;
  /** True when the lesson was there already: its plan, summary and balls stay as they are here. */
  known: boolean;
  /** Balls that were not here before. */
  added: number;
}

const MOST_BALLS = 20_000;

export const lessonFileSchema = exactObject({
  ...formatFields(LESSON_FORMAT, 1),
  id: required(uuidField),
  plan: required(planSchema),
  ...closingFields,
  balls: required(listField(exchangedBallSchema, 0, MOST_BALLS)),
});

/** A lesson as it leaves and comes back. */
export type LessonFile = Of<typeof lessonFileSchema>;

/** Checks a lesson that is to be imported. Throws FaultyInput naming every field that is wrong. */
export function readLessonFile(input: unknown): LessonFile {
  const file = check(lessonFileSchema, input);
  readKeptPlan(file.plan);
  return file;
}

/** The balls of a lesson as CSV, a line each; cells that a spreadsheet would run are made harmless. */
export function ballsCsv(file: LessonFile, names: Readonly<Record<string, string>>): string {
  return Papa.unparse(
    file.balls.map((ball, i) => ({
      number: i + 1,
      player: names[ball.player] ?? ball.player,
      station: file.plan.stations[ball.station]?.name ?? ball.station + 1,
      club: ball.call.club,
      school: ball.call.school,
      entry_called_in: saidSetup(ball.call).entry_in,
      carry_called_m: rounded(ball.call.carry_m, 2),
      entry_m: ball.entry_m ?? '',
      carry_m: ball.carry_m ?? '',
      along_m: ball.along_m ?? '',
      right_m: ball.right_m ?? '',
      strike: ball.strike ?? '',
      divot_length_m: ball.divot_length_m ?? '',
      divot_depth_m: ball.divot_depth_m ?? '',
      height_m: ball.height_m ?? '',
      note: ball.note ?? '',
      changed: ball.changed ?? '',
      excluded: ball.excluded ?? '',
      source: ball.source,
      hit_at: ball.hit_at,
    })),
    { escapeFormulae: true },
  );
}
