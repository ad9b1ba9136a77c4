import type { ObjectShape } from 'yup';
import { check } from '@/core/tell/format/fault';
import {
  exactObject,
  lengthOf,
  patternField,
  numberField,
  proseField,
  required,
  wordField,
} from '@/core/tell/format/fields';
import { LIMITS, STRIKES, TIME, UUID, type LoggedFields, type Strike } from '../balls/ball';

export const TRACKED_BALL_FORMAT = 'mellow-divot/tracked-ball';

/** A ball as a tracker sends it: its own id and time, and what was read. */
export type TrackedBall = LoggedFields & { id: string; hit_at: string };

const LENGTHS = [
  'entry',
  'carry',
  'along',
  'right',
  'height',
  'divot_length',
  'divot_depth',
] as const;

const shape: ObjectShape = {
  format: required(wordField([TRACKED_BALL_FORMAT])),
  version: required(numberField(1, 1)),
  id: required(patternField(UUID, 'a UUID')),
  hit_at: required(patternField(TIME, 'a time as ISO 8601')),
  strike: wordField(STRIKES),
  note: proseField(500),
};

export const trackedBallSchema = exactObject(shape, {
  lengths: Object.fromEntries(
    LENGTHS.map((name) => [name, { low: LIMITS[name][0], high: LIMITS[name][1] }]),
  ),
});

/**
 * Reads one line of a tracker: lengths in any one unit each (`carry_yd`, `entry_cm`).
 *
 * @throws FaultyInput naming field, value and what is allowed
 */
export function readTrackedBall(input: unknown): TrackedBall {
  const line = check<{ id: string; hit_at: string; strike?: Strike; note?: string }>(
    trackedBallSchema,
    input,
  );
  const { id, hit_at, strike, note } = line;
  const lengths = Object.fromEntries(
    LENGTHS.flatMap((name) => {
      const metres = lengthOf(line, name);
      return metres === undefined ? [] : [[`${name}_m`, metres]];
    }),
  ) as LoggedFields;
  if (lengths.along_m !== undefined) lengths.right_m ??= 0;
  return { id, hit_at, ...lengths, ...(strike ? { strike } : {}), ...(note ? { note } : {}) };
}
