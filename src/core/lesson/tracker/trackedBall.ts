import { check } from '@/core/contract/check/fault';
import {
  exactObject,
  formatFields,
  lengthOf,
  proseField,
  required,
  wordField,
} from '@/core/contract/check/fields';
import { timeField, uuidField } from '@/core/contract/check/ids';
import { BALL_LENGTHS, LIMITS, STRIKES, type LoggedFields } from '../balls/ball';

export const TRACKED_BALL_FORMAT = 'mellow-divot/tracked-ball';

/** A ball as a tracker sends it: its own id and time, and what was read. */
export type TrackedBall = LoggedFields & { id: string; hit_at: string };

const range = (name: keyof typeof LIMITS) => ({ low: LIMITS[name][0], high: LIMITS[name][1] });

export const trackedBallSchema = exactObject(
  {
    ...formatFields(TRACKED_BALL_FORMAT, 1),
    id: required(uuidField),
    hit_at: required(timeField),
    strike: wordField(STRIKES),
    note: proseField(500),
  },
  {
    lengths: {
      entry: range('entry'),
      carry: range('carry'),
      along: range('along'),
      right: range('right'),
      height: range('height'),
      divot_length: range('divot_length'),
      divot_depth: range('divot_depth'),
    },
  },
);

/**
 * Reads one line of a tracker: lengths in any one unit each (`carry_yd`, `entry_cm`).
 *
 * @throws FaultyInput naming field, value and what is allowed
 */
export function readTrackedBall(input: unknown): TrackedBall {
  const line = check(trackedBallSchema, input);
  const { id, hit_at, strike, note } = line;
  const ball: TrackedBall = { id, hit_at };
  for (const name of BALL_LENGTHS) {
    const metres = lengthOf(line, name);
    if (metres !== undefined) ball[`${name}_m`] = metres;
  }
  if (ball.along_m !== undefined) ball.right_m ??= 0;
  return { ...ball, ...(strike ? { strike } : {}), ...(note ? { note } : {}) };
}
