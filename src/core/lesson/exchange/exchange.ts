import { csvOf } from '@/core/ground/table/csv';
import { check } from '@/core/contract/check/fault';
import {
  exactObject,
  formatFields,
  listField,
  required,
  type Of,
} from '@/core/contract/check/fields';
import { uuidField } from '@/core/contract/check/ids';
import { rounded } from '@/core/contract/check/rounded';
import { entryMeant } from '@/core/contract/shot/setup';
import { fromMetres } from '@/core/ground/units/length';
import { unitFor, type Scale } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
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

/** Lengths of a ball as columns: the field of the ball, its heading, and what the length is for. */
const LENGTHS = [
  ['carry_m', 'carry', 'ground'],
  ['along_m', 'along', 'ground'],
  ['right_m', 'right', 'ground'],
  ['divot_length_m', 'divot_length', 'short'],
  ['divot_depth_m', 'divot_depth', 'short'],
  ['height_m', 'height', 'height'],
] as const;

/** Decimals that a measured length is written with. */
const DECIMALS = 2;

/**
 * The balls of a lesson as CSV, a line each, every length in the one unit that its heading names; cells that a spreadsheet would
 * run are made harmless.
 */
export function ballsCsv(
  file: LessonFile,
  names: Readonly<Record<string, string>>,
  units: UnitSystem,
): string {
  const column = (heading: string, scale: Scale, metres: number | undefined) => {
    const unit = unitFor(scale, units);
    const value = metres === undefined ? '' : rounded(fromMetres(metres, unit), DECIMALS);
    return { [`${heading}_${unit}`]: value };
  };
  return csvOf(
    file.balls.map((ball, i) => ({
      number: i + 1,
      player: names[ball.player] ?? ball.player,
      station_number: ball.station + 1,
      station: file.plan.stations[ball.station]?.name ?? '',
      club: ball.call.club,
      school: ball.call.school,
      learnt_version: ball.call.learnt_version ?? '',
      ...column('mark_called', 'short', entryMeant(ball.call)),
      ...column('mark', 'short', ball.entry_m),
      ...column('carry_called', 'ground', ball.call.carry_m),
      ...Object.assign(
        {},
        ...LENGTHS.map(([field, heading, scale]) => column(heading, scale, ball[field])),
      ),
      strike: ball.strike ?? '',
      strokes_after: ball.strokes_after ?? '',
      note: ball.note ?? '',
      changed: ball.changed ?? '',
      excluded: ball.excluded ?? '',
      source: ball.source,
      hit_at: ball.hit_at,
    })),
  );
}
