import { check, FaultyInput } from '../format/fault';
import { lengthOf } from '../format/fields';
import { MODEL_VERSION, oddsEntry, predictedEntry, rounded } from '../sheet/callSheet';
import { readChecked, type SituationInput } from '../format/readSituation';
import { simulationSchema } from '../format/situationSchema';
import type { Player } from '@/core/ground/player/player';
import { SCHOOLS } from '@/core/search/schools/schools';
import { predict } from '@/core/model/shot/prediction';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/shot/odds';
import { aimFor, playAsMeant } from '@/core/model/shot/play';
import type { Shot } from '@/core/ground/situation/shot';
import { sampleSwings } from '@/core/model/spread/swings';
import { ballPositionForEntry, type Setup } from '@/core/model/swing/setup';
import { TECHNIQUE, type TechniqueName } from '@/core/model/swing/technique';
import { degrees, radians } from '@/core/ground/units/angle';

export const SIMULATION_FORMAT = 'mellow-divot/simulation';

/** Swings that a simulated set-up is rated over. */
const SAMPLE = 1024;

/** An explicit set-up as the format writes it, once checked. */
export interface SetupInput {
  school?: string;
  club: string;
  technique?: TechniqueName;
  face_deg?: number;
  ball_position?: number;
  stance_width?: number;
  stance_open_deg?: number;
  aim_deg?: number;
  handle_lower_deg?: number;
  shaft_lean_deg?: number;
  release_deg?: number;
  weight_lead?: number;
  body_with_slope?: number;
  swing_fraction: number;
  [length: string]: unknown;
}

/** The set-up in SI units: what it does not say is its school's, or its technique's. */
export function readSetup(input: SetupInput, player: Player, shot: Shot): Setup {
  const club = player.bag.find(({ name }) => name === input.club);
  if (!club) {
    const names = player.bag.map(({ name }) => name).join(', ');
    const message = `must be a club of the bag (${names}), not "${input.club}"`;
    throw new FaultyInput([{ path: 'setup.club', message }]);
  }
  const school = SCHOOLS.find(({ id }) => id === input.school);
  const technique = input.technique ?? school?.technique ?? 'splash';
  const { dig, weightLead } = TECHNIQUE[technique];
  const rad = (deg: number | undefined, otherwise = 0): number => radians(deg ?? otherwise);
  const setup: Setup = {
    club,
    technique,
    opening: rad(input.face_deg),
    release: rad(input.release_deg, school?.releaseDeg),
    ballPosition: 0,
    stanceWidth: input.stance_width ?? school?.stanceWidth ?? 1.2,
    stanceOpen: rad(input.stance_open_deg),
    dig: lengthOf(input, 'dig') ?? school?.dig ?? dig,
    gripDown: lengthOf(input, 'grip_down') ?? school?.gripDown ?? 0,
    handleLowered: rad(input.handle_lower_deg, school?.handleLoweredDeg),
    shaftLean: rad(input.shaft_lean_deg, school?.shaftLeanDeg),
    weightLead: input.weight_lead ?? school?.weightLead ?? weightLead,
    bodyWithSlope: input.body_with_slope ?? school?.bodyWithSlope ?? 0.75,
    entry: lengthOf(input, 'entry') ?? school?.entry(shot)[0] ?? 0.04,
    fraction: input.swing_fraction,
  };
  setup.ballPosition = input.ball_position ?? ballPositionForEntry(setup, shot);
  return setup;
}

/**
 * Plays one explicit set-up in a situation: what the ball as meant does, and the odds over the player's swings. Where
 * the set-up does not say its aim, the one that sends the ball as meant to the line is used.
 *
 * @param input a situation with a `setup`, in the outside format
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function simulate(input: unknown) {
  const checked = check<SituationInput & { setup: SetupInput }>(simulationSchema, input);
  const { question, notes } = readChecked(checked);
  const { player, shot, seed } = question;
  const setup = readSetup(checked.setup, player, shot);
  const golfer = golferOf(player);
  const side = player.handed === 'right' ? -1 : 1;
  const said = checked.setup.aim_deg;
  const aim = said === undefined ? aimFor(setup, golfer, shot) : side * radians(said);
  const meant = playAsMeant(setup, golfer, shot, aim);
  const swings = sampleSwings(golfer.habits, SAMPLE, seed);
  return {
    format: SIMULATION_FORMAT,
    version: 1,
    /** The aim that was said, or the one that was found. */
    aim_deg: rounded(side * degrees(aim), 1),
    predicted: predictedEntry(predict(setup, golfer, shot, meant)),
    odds: oddsEntry(oddsOf(setup, golfer, shot, aim, swings)),
    notes,
    model: MODEL_VERSION,
    seed,
  };
}
