import Papa from 'papaparse';
import { check } from '@/core/tell/format/fault';
import {
  exactObject,
  flagField,
  listField,
  numberField,
  patternField,
  proseField,
  required,
  textField,
  wordField,
} from '@/core/tell/format/fields';
import { ballSchema, UUID, type NewBall } from '../balls/ball';
import { planSchema, readLessonPlan, type LessonPlan } from '../plan/lesson';

export const LESSON_FORMAT = 'mellow-divot/lesson';

/** A ball as it is exchanged: with the reason why it does not count, where there is one. */
export type ExchangedBall = NewBall & { excluded?: string };

/** A lesson as it leaves and comes back. */
export interface LessonFile {
  format: typeof LESSON_FORMAT;
  version: 1;
  id: string;
  plan: LessonPlan;
  summary: string;
  homework: string;
  closed: boolean;
  balls: ExchangedBall[];
}

const MOST_BALLS = 20_000;

export const lessonFileSchema = exactObject({
  format: required(wordField([LESSON_FORMAT])),
  version: required(numberField(1, 1)),
  id: required(patternField(UUID, 'a UUID')),
  plan: required(planSchema),
  summary: required(proseField(8000)),
  homework: required(proseField(4000)),
  closed: required(flagField()),
  balls: required(listField(ballSchema({ excluded: textField(0, 200) }), 0, MOST_BALLS)),
});

/** Checks a lesson that is to be imported. Throws FaultyInput naming every field that is wrong. */
export function readLessonFile(input: unknown): LessonFile {
  const file = check<LessonFile>(lessonFileSchema, input);
  readLessonPlan(file.plan);
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
      entry_called_in: ball.call.entry_in,
      carry_called_m: ball.call.carry_m,
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
