import { typicalClub, type Club, type ClubType } from '@/core/ground/club/club';
import type { LearntFactors } from '@/core/ground/player/learnt';
import { bagWarnings } from '@/core/model/golfer/bagWarnings';
import { NO_WIND, type Wind } from '@/core/ground/situation/wind';
import type { Beyond, GreenFirmness } from '@/core/ground/situation/green';
import type { BodyCaution, Hand, Player, Skill, UsualMiss } from '@/core/ground/player/player';
import { burialOf, type Lie } from '@/core/ground/sand/lie';
import type { Sand, SandPreset } from '@/core/ground/sand/presets';
import { firmnessOf, sandOf } from '@/core/ground/sand/sandOf';
import type { Question } from '@/core/search/calls/prescribe';
import type { Lip, Shot } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
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
  camber?: number;
  head_mass_g?: number;
  stock_carry_yd?: number;
  [length: string]: unknown;
}

/** A situation as the format writes it, once checked. */
export interface SituationInput {
  format?: string;
  version?: number;
  player: {
    handed?: Hand;
    skill: Skill;
    bag: ClubInput[];
    usual_miss?: UsualMiss;
    cautions?: BodyCaution[];
    learnt?: LearntFactors;
  };
  shot: {
    lip?: object;
    lie?: Lie;
    slope?: { along_deg?: number; across_deg?: number };
    sand?: {
      preset?: SandPreset;
      firmness?: number;
      moisture?: number;
      density_kgm3?: number;
      crust?: boolean;
    };
    green?: { slope_deg?: number; firmness?: GreenFirmness };
    wind?: { speed_mps: number; from_deg?: number };
    beyond?: Beyond;
    escapes?: { toward_deg: number; lip: object }[];
    [length: string]: unknown;
  };
  prefer?: { schools?: string[]; caution?: number };
  seed?: number;
}

/** What a situation asks, and what was taken for granted because it did not say. */
export interface Reading {
  question: Question;
  /** Where the sand stands from 0 powder to 1 packed. */
  firmness: number;
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
    camber: input.camber ?? typical.camber,
    headMass: input.head_mass_g === undefined ? typical.headMass : input.head_mass_g / 1000,
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
  if (shot.clear !== undefined && shot.clear > shot.pin) {
    say('clear', 'what must be carried must not reach past the flag');
  }
  if (input.shot.lie !== undefined && lengthOf(input.shot, 'burial') !== undefined) {
    say('burial', 'the lie is given twice: keep lie or burial');
  }
  const names = input.player.bag.map((club) => club.name);
  names.forEach((name, i) => {
    if (names.indexOf(name) < i) {
      faults.push({ path: `player.bag[${i}].name`, message: `"${name}" is in the bag twice` });
    }
  });
  return faults;
}

function readLip(input: object): Lip {
  return { height: lengthOf(input, 'height')!, distance: lengthOf(input, 'distance')! };
}

function readSand(input: SituationInput['shot']['sand'] = {}): { sand: Sand; firmness: number } {
  const preset = input.preset ?? 'medium';
  const depth = lengthOf(input, 'depth');
  const sand = sandOf({
    preset,
    ...(input.firmness === undefined ? {} : { firmness: input.firmness }),
    ...(input.moisture === undefined ? {} : { moisture: input.moisture }),
    ...(input.density_kgm3 === undefined ? {} : { density: input.density_kgm3 }),
    ...(depth === undefined ? {} : { depth }),
    ...(input.crust === undefined ? {} : { crust: input.crust }),
  });
  return { sand, firmness: input.firmness ?? firmnessOf(preset) };
}

/** Air's motion in the model's frame. Said clockwise seen from above: 90 is wind from the right. */
function readWind(input: SituationInput['shot']['wind'], mirror: 1 | -1): Wind {
  if (!input || input.speed_mps === 0) return NO_WIND;
  const from = radians(input.from_deg ?? 0);
  return {
    x: -input.speed_mps * Math.cos(from),
    y: mirror * input.speed_mps * Math.sin(from),
  };
}

function readShot(
  input: SituationInput['shot'],
  mirror: 1 | -1,
  notes: string[],
): { shot: Shot; firmness: number } {
  const pin = lengthOf(input, 'pin')!;
  const lipDistance = input.lip
    ? lengthOf(input.lip, 'distance')!
    : Math.min(LEVEL_EXIT, pin / 3, lengthOf(input, 'edge') ?? Infinity);
  const edge = lengthOf(input, 'edge') ?? Math.max(lipDistance, pin - ROOM_BEFORE, pin / 3);
  if (lengthOf(input, 'edge') === undefined) {
    notes.push('No front edge was given: the green is taken to begin 6 yd before the flag.');
  }
  if (lengthOf(input, 'back') === undefined) {
    notes.push('No back edge was given: the green is taken to end 10 yd past the flag.');
  }
  if (!input.lip) notes.push('No lip was given: the way out is taken to be level.');
  const { sand, firmness } = readSand(input.sand);
  const shot: Shot = {
    pin,
    edge,
    back: lengthOf(input, 'back') ?? pin + ROOM_BEHIND,
    carry: lengthOf(input, 'carry'),
    clear: lengthOf(input, 'clear'),
    lip: input.lip ? readLip(input.lip) : { height: 0, distance: lipDistance },
    burial: lengthOf(input, 'burial') ?? burialOf(input.lie ?? 'clean', sand),
    along: radians(input.slope?.along_deg ?? 0),
    across: radians(input.slope?.across_deg ?? 0),
    sand,
    green: {
      stimp: (input.green && lengthOf(input.green, 'stimp')) ?? DEFAULT_STIMP,
      slope: radians(input.green?.slope_deg ?? 0),
      firmness: input.green?.firmness ?? 'medium',
    },
    beyond: input.beyond ?? 'rough',
    wind: readWind(input.wind, mirror),
    escapes: (input.escapes ?? []).map((escape) => ({
      toward: mirror * radians(escape.toward_deg),
      lip: readLip(escape.lip),
      room: lengthOf(escape, 'room')!,
    })),
  };
  return { shot, firmness };
}

function readPlayer(input: SituationInput['player']): Player {
  return {
    handed: input.handed ?? 'right',
    skill: input.skill,
    bag: input.bag.map(readClub),
    ...(input.usual_miss === undefined ? {} : { usualMiss: input.usual_miss }),
    ...(input.cautions === undefined ? {} : { cautions: input.cautions }),
    ...(input.learnt === undefined ? {} : { learnt: input.learnt }),
  };
}

/** A checked situation in SI units. Throws FaultyInput for fields that do not fit each other. */
export function readChecked(checked: SituationInput): Reading {
  const notes: string[] = [];
  const player = readPlayer(checked.player);
  const mirror = player.handed === 'left' ? -1 : 1;
  const { shot, firmness } = readShot(checked.shot, mirror, notes);
  const faults = crossFaults(checked, shot);
  if (faults.length > 0) throw new FaultyInput(faults);
  notes.push(...bagWarnings(player));
  return {
    question: {
      player,
      shot,
      seed: checked.seed ?? DEFAULT_SEED,
      ...(checked.prefer?.caution === undefined ? {} : { caution: checked.prefer.caution }),
      ...(checked.prefer?.schools ? { schools: checked.prefer.schools } : {}),
    },
    firmness,
    notes,
  };
}

/**
 * Reads a situation from outside.
 *
 * @param input parsed JSON
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readSituation(input: unknown): Reading {
  return readChecked(check<SituationInput>(situationSchema, input));
}
