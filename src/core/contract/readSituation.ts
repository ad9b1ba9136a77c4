import { typicalClub, type Club, type ClubType } from '../club/club';
import { NO_WIND } from '../flight/fly';
import type { GreenFirmness, Surface } from '../green/surface';
import type { Hand, Player, Skill } from '../player/player';
import { presetSand, type SandPreset } from '../sand/presets';
import type { Question } from '../search/prescribe';
import type { Shot } from '../shot/shot';
import { radians } from '../units/angle';
import { toMetres } from '../units/length';
import { check, FaultyInput, type Fault } from './fault';
import { lengthOf } from './fields';
import { situationSchema } from './situationSchema';

/** A club as the format writes it, once checked; lengths stand beside in any unit. */
export interface ClubInput {
  name: string;
  type: ClubType;
  loft_deg: number;
  bounce_deg?: number;
  lie_deg?: number;
  stock_carry_yd?: number;
  [length: string]: unknown;
}

/** A situation as the format writes it, once checked. */
export interface SituationInput {
  format?: string;
  version?: number;
  player: { handed?: Hand; skill: Skill; bag: ClubInput[] };
  shot: {
    lip?: object;
    lie?: 'clean';
    sand?: { preset?: SandPreset };
    green?: { slope_deg?: number; firmness?: GreenFirmness };
    beyond?: Surface;
    [length: string]: unknown;
  };
  prefer?: { schools?: string[]; caution?: number };
  seed?: number;
}

/** What was taken for granted because the situation did not say. */
export interface Reading {
  question: Question;
  notes: string[];
}

/** Green that reaches this far past the flag, and begins this far before it, when nobody has said, m. */
const ROOM_BEHIND = toMetres(10, 'yd');
const ROOM_BEFORE = toMetres(6, 'yd');
/** Where the bunker ends when no lip is given, m. */
const LEVEL_EXIT = 3;
const DEFAULT_STIMP = toMetres(9, 'ft');

export const DEFAULT_SEED = 1;

/** A checked club in SI units with typical values for what nobody knows. */
export function readClub(input: ClubInput): Club {
  const typical = typicalClub(input.type, input.loft_deg);
  const stockCarry = lengthOf(input, 'stock_carry');
  return {
    name: input.name,
    type: input.type,
    loft: radians(input.loft_deg),
    bounce: input.bounce_deg === undefined ? typical.bounce : radians(input.bounce_deg),
    lie: input.lie_deg === undefined ? typical.lie : radians(input.lie_deg),
    sole: lengthOf(input, 'sole') ?? typical.sole,
    length: lengthOf(input, 'length') ?? typical.length,
    ...(stockCarry === undefined ? {} : { stockCarry }),
  };
}

/** The name of the field that gave a length, for messages: `pin_yd`. */
function fieldOf(value: object, name: string): string {
  return Object.keys(value).find((key) => key.replace(/_(m|yd|ft|in|cm|mm)$/, '') === name) ?? name;
}

/** Faults between fields that are each allowed. */
function crossFaults(input: SituationInput, shot: Shot): Fault[] {
  const faults: Fault[] = [];
  const say = (name: string, message: string): void => {
    faults.push({ path: `shot.${fieldOf(input.shot, name)}`, message });
  };
  if (shot.edge > shot.pin) say('edge', 'the front edge of the green must not lie past the flag');
  if (shot.back < shot.pin) say('back', 'the back edge of the green must not lie before the flag');
  const lip = input.shot.lip;
  if (lip && shot.lip.distance > shot.edge) {
    faults.push({
      path: `shot.lip.${fieldOf(lip, 'distance')}`,
      message: 'the lip must stand before the front edge of the green',
    });
  }
  if (shot.carry !== undefined && shot.carry < shot.lip.distance) {
    say('carry', 'the landing spot must lie past the lip');
  }
  const names = input.player.bag.map((club) => club.name);
  names.forEach((name, i) => {
    if (names.indexOf(name) < i) {
      faults.push({ path: `player.bag[${i}].name`, message: `"${name}" is in the bag twice` });
    }
  });
  return faults;
}

function readShot(input: SituationInput['shot'], notes: string[]): Shot {
  const pin = lengthOf(input, 'pin')!;
  const lipInput = input.lip;
  const lipDistance = lipInput ? lengthOf(lipInput, 'distance')! : Math.min(LEVEL_EXIT, pin / 3);
  const edge = lengthOf(input, 'edge') ?? Math.max(lipDistance, pin - ROOM_BEFORE, pin / 3);
  const back = lengthOf(input, 'back') ?? pin + ROOM_BEHIND;
  if (lengthOf(input, 'edge') === undefined) {
    notes.push('No front edge was given: the green is taken to begin 6 yd before the flag.');
  }
  if (lengthOf(input, 'back') === undefined) {
    notes.push('No back edge was given: the green is taken to end 10 yd past the flag.');
  }
  if (!lipInput) notes.push('No lip was given: the way out is taken to be level.');
  const sand = presetSand(input.sand?.preset ?? 'medium');
  const carry = lengthOf(input, 'carry');
  return {
    pin,
    edge,
    back,
    ...(carry === undefined ? {} : { carry }),
    lip: { height: lipInput ? lengthOf(lipInput, 'height')! : 0, distance: lipDistance },
    burial: sand.settle,
    sand,
    green: {
      stimp: (input.green && lengthOf(input.green, 'stimp')) ?? DEFAULT_STIMP,
      slope: radians(input.green?.slope_deg ?? 0),
      firmness: input.green?.firmness ?? 'medium',
    },
    beyond: input.beyond ?? 'rough',
    wind: NO_WIND,
  };
}

function readPlayer(input: SituationInput['player']): Player {
  return {
    handed: input.handed ?? 'right',
    skill: input.skill,
    bag: input.bag.map(readClub),
  };
}

/**
 * Reads a situation from outside.
 *
 * @param input parsed JSON
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readSituation(input: unknown): Reading {
  const checked = check<SituationInput>(situationSchema, input);
  const notes: string[] = [];
  const shot = readShot(checked.shot, notes);
  const faults = crossFaults(checked, shot);
  if (faults.length > 0) throw new FaultyInput(faults);
  return {
    question: {
      player: readPlayer(checked.player),
      shot,
      seed: checked.seed ?? DEFAULT_SEED,
      ...(checked.prefer?.caution === undefined ? {} : { caution: checked.prefer.caution }),
      ...(checked.prefer?.schools ? { schools: checked.prefer.schools } : {}),
    },
    notes,
  };
}
