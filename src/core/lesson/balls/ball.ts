import { fact, type Fact } from '@/core/ground/fact/fact';
import { fromMetres, toMetres, type LengthUnit } from '@/core/ground/units/length';
import { limitsIn } from '@/core/ground/fact/limitsIn';
import { check, FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  flagField,
  integerField,
  listField,
  numberField,
  proseField,
  required,
  textField,
  wordField,
  type Field,
  type FieldsOf,
  type Of,
} from '@/core/contract/check/fields';
import { playerIdField, timeField, uuidField } from '@/core/contract/check/ids';
import { callSchema } from '@/core/contract/shot/setup';
import { MOST_STATIONS, type Station } from '../plan/lesson';

/** Who read a ball: an eye, a tracker, or nobody, for it was made up by the simulated tracker. */
export const BALL_SOURCES = ['hand', 'tracker', 'simulated'] as const;
export type BallSource = (typeof BALL_SOURCES)[number];

/** Why a simulated ball does not count, unless somebody says that it shall. */
export const SIMULATED = 'simulated';

/** Why a ball does not count as it is logged; empty where it does. */
export const excludedAtFirst = (source: BallSource): string =>
  source === 'simulated' ? SIMULATED : '';

export const STRIKES = ['good', 'thin', 'heavy', 'lip', 'heel'] as const;
export type Strike = (typeof STRIKES)[number];

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

type BallLengthName = keyof typeof LIMITS;
export const BALL_LENGTHS = Object.keys(LIMITS) as BallLengthName[];

/** Field of a ball that is a length, m. */
export type LengthField = `${BallLengthName}_m`;

/** What is wrong with a length that somebody typed, in the unit in which it was typed; null when a ball can have it. */
export function lengthFault(field: LengthField, value: number, unit: LengthUnit): Fact | null {
  const range = LIMITS[field.replace(/_m$/, '') as keyof typeof LIMITS];
  const metres = toMetres(value, unit);
  if (metres >= range[0] && metres <= range[1]) return null;
  return fact('ball.range', { range: limitsIn(range, unit), value });
}

const metres = (name: keyof typeof LIMITS): Field<number | undefined> =>
  numberField(LIMITS[name][0], LIMITS[name][1], 'm');

/** Whoever takes more strokes after the ball than this has picked it up. */
export const MOST_AFTER = 9;

/** What was seen of a ball; what was not is absent. */
const loggedFields = {
  /** Where the club entered, behind the visible back edge of the ball; ball first is negative. */
  entry_m: metres('entry'),
  /** Where it stopped: along the line to the flag, and to the right of it. */
  along_m: metres('along'),
  right_m: metres('right'),
  carry_m: metres('carry'),
  strike: wordField(STRIKES),
  divot_length_m: metres('divot_length'),
  divot_depth_m: metres('divot_depth'),
  height_m: metres('height'),
  /** Strokes from where it stopped until it was holed; 0 for a ball holed from the sand. */
  strokes_after: integerField(0, MOST_AFTER),
  note: proseField(500),
  /** What of the set-up was changed for this ball, in words. */
  changed: textField(0, 200),
};

/** A ball as it is logged; lengths in m. */
export type LoggedFields = FieldsOf<typeof loggedFields>;

const ballFields = {
  /** Given by whoever logs it, so that a ball sent twice is saved once. */
  id: required(uuidField),
  player: required(playerIdField),
  station: required(integerField(0, MOST_STATIONS - 1)),
  call: required(callSchema),
  source: required(wordField(BALL_SOURCES)),
  /** By the clock of the device; the order of balls is the server's own. */
  hit_at: required(timeField),
  ...loggedFields,
};

const ballSchema = exactObject(ballFields);

/** A ball as it is sent to be saved. */
export type NewBall = Of<typeof ballSchema>;

/** Why a ball does not count; empty when it does. */
const excluded = textField(0, 200);

/** A ball of a file: with the reason why it does not count, where there is one. */
export const exchangedBallFields = { ...ballFields, excluded };

export const exchangedBallSchema = exactObject(exchangedBallFields);

export type ExchangedBall = Of<typeof exchangedBallSchema>;

/** A ball as it is stored: with its place in the order of the server, and in that of what was logged or changed. */
export type StoredBall = ExchangedBall & { seq: number; touched: number };

/** What was touched of a lesson's balls: one as it stands now, or that it was taken away. */
export type TouchedBall = StoredBall | { id: string; touched: number; deleted: true };

/** A ball of a player with its lesson and the station that it was hit from. */
export type BallOfPlayer = StoredBall & { lesson: string; at: Station };

const ballsSchema = exactObject({ balls: required(listField(required(ballSchema), 1, 100)) });

/** Further back than this from where it landed no ball spins, or rolls down a bank, m; off the lip it may. */
const MOST_BACK = 15;

/** What cannot be true of one ball together, though each of it can. */
function contradictions(
  { carry_m, along_m, right_m = 0, strike }: LoggedFields,
  path: string,
): Fault[] {
  if (carry_m === undefined || along_m === undefined || strike === 'lip') return [];
  if (Math.hypot(along_m, right_m) >= carry_m - MOST_BACK) return [];
  const message = fact('ball.carryPastStop', { said: said(carry_m), said2: said(along_m) });
  return [{ path: `${path}along_m`, message }];
}

/** What contradicts itself in a ball that was put together from what was tapped and what was typed; null when nothing does. */
export const contradictionOf = (ball: LoggedFields): Fact | null =>
  contradictions(ball, '')[0]?.message ?? null;

const said = (metres: number): Fact =>
  fact('ball.bothUnits', {
    metres: Math.round(fromMetres(metres, 'yd')),
    metres2: Math.round(metres),
  });

/** What was read, unless parts of it contradict each other. */
function consistent<T>(read: T, faults: readonly Fault[]): T {
  if (faults.length > 0) throw new FaultyInput(faults);
  return read;
}

/** Checks balls that are to be saved. Throws FaultyInput naming ball, field and what is allowed. */
export function readBalls(input: unknown): NewBall[] {
  const { balls } = check(ballsSchema, input);
  return consistent(
    balls,
    balls.flatMap((ball, i) => contradictions(ball, `balls[${i}].`)),
  );
}

const changeSchema = exactObject({ ...loggedFields, excluded, deleted: flagField() });

/** What is changed of a ball that was saved. */
export type BallChange = Of<typeof changeSchema>;

/** Checks a change of a ball. Throws FaultyInput. */
export function readBallChange(input: unknown): BallChange {
  const change = check(changeSchema, input);
  return consistent(change, contradictions(change, ''));
}
