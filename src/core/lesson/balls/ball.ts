import type { AnySchema, ObjectShape } from 'yup';
import { check } from '@/core/tell/format/fault';
import {
  exactObject,
  flagField,
  integerField,
  listField,
  numberField,
  patternField,
  proseField,
  required,
  textField,
  wordField,
} from '@/core/tell/format/fields';
import { SCHOOL_IDS } from '@/core/search/schools/schools';
import { toMetres, type LengthUnit } from '@/core/ground/units/length';
import { sayRange } from '@/core/ground/units/say';

export const STRIKES = ['good', 'thin', 'heavy', 'lip', 'heel'] as const;
export type Strike = (typeof STRIKES)[number];

/** The set-up that a ball was hit for: the fields of a call that the model uses, in the outside format. */
export interface BallCall {
  school: string;
  club: string;
  face_deg: number;
  ball_position: number;
  stance_width: number;
  stance_open_deg: number;
  aim_deg: number;
  dig_mm: number;
  grip_down_in: number;
  handle_lower_deg: number;
  shaft_lean_deg: number;
  weight_lead: number;
  entry_in: number;
  swing_fraction: number;
  /** What the ball as meant carries, m. */
  carry_m: number;
}

/** A ball as it is logged. What was not seen is absent; lengths in m. */
export interface LoggedFields {
  /** Where the club entered, behind the visible back edge of the ball; ball first is negative. */
  entry_m?: number;
  /** Where it stopped: along the line to the flag, and to the right of it. */
  along_m?: number;
  right_m?: number;
  carry_m?: number;
  strike?: Strike;
  divot_length_m?: number;
  divot_depth_m?: number;
  height_m?: number;
  note?: string;
  /** What of the set-up was changed for this ball, in words. */
  changed?: string;
}

/** A ball as it is sent to be saved. */
export interface NewBall extends LoggedFields {
  /** Given by whoever logs it, so that a ball sent twice is saved once. */
  id: string;
  player: string;
  station: number;
  call: BallCall;
  source: 'hand' | 'tracker';
  /** By the clock of the device, ISO 8601; the order of balls is the server's own. */
  hit_at: string;
}

/** What ids look like. */
export const UUID = /^[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}$/;

/** What times look like: ISO 8601 with a zone. */
export const TIME = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,6})?)?(Z|[+-]\d\d:?\d\d)$/;

/** Least and greatest of each length of a ball, m. */
export const LIMITS = {
  entry: [-0.3, 0.6],
  along: [-30, 260],
  right: [-120, 120],
  carry: [0, 260],
  divot_length: [0, 1.5],
  divot_depth: [0, 0.2],
  height: [0, 60],
} as const;

/** Field of a ball that is a length, m. */
export type LengthField = `${keyof typeof LIMITS}_m`;

/** What is wrong with a length that somebody typed, in the unit in which it was typed; null when a ball can have it. */
export function lengthFault(field: LengthField, value: number, unit: LengthUnit): string | null {
  const range = LIMITS[field.replace(/_m$/, '') as keyof typeof LIMITS];
  const metres = toMetres(value, unit);
  if (metres >= range[0] && metres <= range[1]) return null;
  return `must be from ${sayRange(range, unit)}, not ${value}`;
}

const metres = (name: keyof typeof LIMITS): AnySchema =>
  numberField(LIMITS[name][0], LIMITS[name][1], 'm');

const loggedFields = {
  entry_m: metres('entry'),
  along_m: metres('along'),
  right_m: metres('right'),
  carry_m: metres('carry'),
  strike: wordField(STRIKES),
  divot_length_m: metres('divot_length'),
  divot_depth_m: metres('divot_depth'),
  height_m: metres('height'),
  note: proseField(500),
  changed: textField(0, 200),
};

/** The set-up that a ball is hit for. */
export const callSchema = exactObject({
  school: required(wordField(SCHOOL_IDS)),
  club: required(textField(1, 24)),
  face_deg: required(numberField(-60, 60, 'deg')),
  ball_position: required(numberField(0, 110)),
  stance_width: required(numberField(0.3, 2.5)),
  stance_open_deg: required(numberField(-45, 45, 'deg')),
  aim_deg: required(numberField(-60, 60, 'deg')),
  dig_mm: required(numberField(0, 60, 'mm')),
  grip_down_in: required(numberField(0, 4.7, 'in')),
  handle_lower_deg: required(numberField(-15, 20, 'deg')),
  shaft_lean_deg: required(numberField(-20, 25, 'deg')),
  weight_lead: required(numberField(0, 1)),
  entry_in: required(numberField(-2, 6, 'in')),
  swing_fraction: required(numberField(0.02, 1.2)),
  carry_m: required(numberField(0, 260, 'm')),
});

/** A ball as it is sent, with further fields where it comes from a file. */
export const ballSchema = (more: ObjectShape = {}) =>
  exactObject({
    id: required(patternField(UUID, 'a UUID')),
    player: required(textField(1, 60)),
    station: required(integerField(0, 11)),
    call: required(callSchema),
    source: required(wordField(['hand', 'tracker'])),
    hit_at: required(patternField(TIME, 'a time as ISO 8601')),
    ...loggedFields,
    ...more,
  });

const ballsSchema = exactObject({ balls: required(listField(required(ballSchema()), 1, 100)) });

/** Checks balls that are to be saved. Throws FaultyInput naming ball, field and what is allowed. */
export const readBalls = (input: unknown): NewBall[] =>
  check<{ balls: NewBall[] }>(ballsSchema, input).balls;

const changeSchema = exactObject({
  ...loggedFields,
  /** Why it does not count; empty when it does. */
  excluded: textField(0, 200),
  deleted: flagField(),
});

/** What is changed of a ball that was saved. */
export interface BallChange extends LoggedFields {
  excluded?: string;
  deleted?: boolean;
}

/** Checks a change of a ball. Throws FaultyInput. */
export const readBallChange = (input: unknown): BallChange => check(changeSchema, input);
