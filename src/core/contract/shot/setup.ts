import { fact } from '@/core/ground/fact/fact';
import { acrossFor, type Hand, type Player } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import { degrees, radians } from '@/core/ground/units/angle';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { ballPositionForEntry, type Setup } from '@/core/model/swing/setup';
import { TECHNIQUE, TECHNIQUES } from '@/core/model/swing/technique';
import type { Call } from '@/core/search/calls/call';
import { schoolById, SCHOOL_IDS } from '@/core/search/schools/schools';
import { clubName } from './club';
import { faulty } from '../check/fault';
import {
  exactObject,
  lengthField,
  lengthOf,
  numberField,
  required,
  wordField,
  type Field,
  type FieldsOf,
  type Of,
} from '../check/fields';
import { learntVersion } from './player';
import { rounded } from '../check/rounded';
import { situationFields } from './situation';

/* The set-up of a stroke in the outside format: one record with its limits, read and written here and nowhere else. It is
 * written unrounded, and rounded only where it is said. */

/** Turned with the hand: aim is to the right of the line. Everything else is the player's own. */
const ANGLES = {
  face_deg: numberField(-60, 60, 'deg'),
  stance_open_deg: numberField(-80, 80, 'deg'),
  aim_deg: numberField(-80, 80, 'deg'),
  handle_lower_deg: numberField(-15, 20, 'deg'),
  shaft_lean_deg: numberField(-20, 25, 'deg'),
};
const SHARES = {
  ball_position: numberField(0, 110),
  stance_width: numberField(0.3, 2.5),
  weight_lead: numberField(0, 1),
};
const LENGTHS = {
  dig: { low: 0, high: 0.06 },
  grip_down: { low: 0, high: 0.12 },
  entry: { low: toMetres(-2, 'in'), high: toMetres(6, 'in') },
} as const;
const SWING = required(numberField(0.02, 1.2));

/** What a school says when the record does not. */
const OF_THE_SCHOOL = {
  technique: wordField(TECHNIQUES),
  release_deg: numberField(-20, 20, 'deg'),
  body_with_slope: numberField(0, 1),
};

type Whole<S> = {
  [K in keyof S]: S[K] extends Field<infer T> ? Field<Exclude<T, undefined>> : never;
};

const whole = <S extends Record<string, Field<number | undefined>>>(shape: S): Whole<S> =>
  Object.fromEntries(
    Object.entries(shape).map(([name, field]) => [name, required(field)]),
  ) as Whole<S>;

/** A set-up that may leave most to its school or technique, its lengths in any unit: what is asked to be simulated. */
export const setupSchema = exactObject(
  {
    school: wordField(SCHOOL_IDS),
    club: required(clubName),
    ...ANGLES,
    ...SHARES,
    swing_fraction: SWING,
    ...OF_THE_SCHOOL,
  },
  { lengths: LENGTHS },
);

/** A set-up with nothing left out, its lengths in the units of the format: what a call says and a ball keeps. */
export const wholeSetup = {
  school: required(wordField(SCHOOL_IDS)),
  club: required(clubName),
  ...whole(ANGLES),
  ...whole(SHARES),
  dig_mm: required(lengthField(LENGTHS.dig, 'mm')),
  grip_down_in: required(lengthField(LENGTHS.grip_down, 'in')),
  entry_in: required(lengthField(LENGTHS.entry, 'in')),
  swing_fraction: SWING,
  ...OF_THE_SCHOOL,
};

/** A set-up that was called, with what the ball as meant carries. */
export const callSchema = exactObject({
  ...wholeSetup,
  carry_m: required(numberField(0, 260, 'm')),
  /** Version of what had been learnt of the player when this was called; absent where nothing had. */
  learnt_version: learntVersion,
});

export type SetupInput = Of<typeof setupSchema>;
export type SetupRecord = FieldsOf<typeof wholeSetup>;
export type CallRecord = Of<typeof callSchema>;

export const simulationSchema = required(
  exactObject({ ...situationFields, setup: required(setupSchema) }),
);

/** Stance and mark of a set-up that names neither school nor these. */
const USUAL_STANCE = 1.2;
const USUAL_ENTRY = 0.04;
const USUAL_BODY = 0.75;

/**
 * A set-up in SI units, and its aim to the player's side where it says one: what it does not say is its school's, or its
 * technique's.
 *
 * @throws FaultyInput for a club that is not in the bag
 */
export function readSetup(
  input: SetupInput,
  player: Player,
  shot: Shot,
): { setup: Setup; aim: number | null } {
  const club = player.bag.find(({ name }) => name === input.club);
  if (!club) {
    const names = player.bag.map(({ name }) => name).join(', ');
    const message = fact('shot.clubNotInBag', {
      names,
      club: input.club,
    });
    throw faulty('setup.club', message);
  }
  const school = input.school === undefined ? undefined : schoolById(input.school);
  const technique = input.technique ?? school?.technique ?? 'splash';
  const { dig, weightLead } = TECHNIQUE[technique];
  const rad = (deg: number | undefined, otherwise = 0): number => radians(deg ?? otherwise);
  const setup: Setup = {
    club,
    technique,
    opening: rad(input.face_deg),
    release: rad(input.release_deg, school?.releaseDeg),
    ballPosition: 0,
    stanceWidth: input.stance_width ?? school?.stanceWidth ?? USUAL_STANCE,
    stanceOpen: rad(input.stance_open_deg),
    dig: lengthOf(input, 'dig') ?? school?.dig ?? dig,
    gripDown: lengthOf(input, 'grip_down') ?? school?.gripDown ?? 0,
    handleLowered: rad(input.handle_lower_deg, school?.handleLoweredDeg),
    shaftLean: rad(input.shaft_lean_deg, school?.shaftLeanDeg),
    weightLead: input.weight_lead ?? school?.weightLead ?? weightLead,
    bodyWithSlope: input.body_with_slope ?? school?.bodyWithSlope ?? USUAL_BODY,
    entry: lengthOf(input, 'entry') ?? school?.entry(shot)[0] ?? USUAL_ENTRY,
    fraction: input.swing_fraction,
  };
  setup.ballPosition = input.ball_position ?? ballPositionForEntry(setup, shot);
  const aim = input.aim_deg === undefined ? null : acrossFor(radians(input.aim_deg), player.handed);
  return { setup, aim };
}

/**
 * A set-up in the outside format, to the last digit: {@link readSetup} reads back what it was.
 *
 * @param aim of the path to the player's side, radians
 */
export function writeSetup(
  setup: Setup,
  aim: number,
  school: string,
  handed: Hand,
): Required<SetupRecord> {
  return {
    school,
    club: setup.club.name,
    face_deg: degrees(setup.opening),
    ball_position: setup.ballPosition,
    stance_width: setup.stanceWidth,
    stance_open_deg: degrees(setup.stanceOpen),
    aim_deg: acrossFor(degrees(aim), handed),
    dig_mm: fromMetres(setup.dig, 'mm'),
    grip_down_in: fromMetres(setup.gripDown, 'in'),
    handle_lower_deg: degrees(setup.handleLowered),
    shaft_lean_deg: degrees(setup.shaftLean),
    weight_lead: setup.weightLead,
    entry_in: fromMetres(setup.entry, 'in'),
    swing_fraction: setup.fraction,
    technique: setup.technique,
    release_deg: degrees(setup.release),
    body_with_slope: setup.bodyWithSlope,
  };
}

/** A call as it is kept with the balls that are hit for it. */
export const writeCall = ({ setup, aim, school, meant }: Call, handed: Hand): CallRecord => ({
  ...writeSetup(setup, aim, school.id, handed),
  carry_m: meant.carry,
});

/** The set-up alone of a record that holds more, such as a call of a sheet. */
export const setupAlone = (record: SetupRecord): SetupRecord =>
  Object.fromEntries(
    Object.entries(record).filter(([field]) => field in wholeSetup),
  ) as SetupRecord;

/** A ball is said to lie no further forward than off the lead heel. */
const LEAD_HEEL = 100;

/** A set-up as it is said: whole degrees, hundredths of an inch, no digits that nobody could set. */
export const saidSetup = <R extends SetupRecord>(record: R): R => ({
  ...record,
  face_deg: rounded(record.face_deg, 0),
  ball_position: rounded(Math.min(LEAD_HEEL, record.ball_position), 0),
  stance_width: rounded(record.stance_width, 2),
  stance_open_deg: rounded(record.stance_open_deg, 0),
  aim_deg: rounded(record.aim_deg, 1),
  dig_mm: rounded(record.dig_mm, 0),
  grip_down_in: rounded(record.grip_down_in, 2),
  handle_lower_deg: rounded(record.handle_lower_deg, 1),
  shaft_lean_deg: rounded(record.shaft_lean_deg, 1),
  weight_lead: rounded(record.weight_lead, 2),
  entry_in: rounded(record.entry_in, 2),
  swing_fraction: rounded(record.swing_fraction, 3),
});

/** The mark that a set-up asks for, m behind the visible back edge of the ball. */
export const entryMeant = ({ entry_in }: Pick<SetupRecord, 'entry_in'>): number =>
  toMetres(entry_in, 'in');
