import { fact, type Fact } from '@/core/ground/fact/fact';
import type { Shot } from '@/core/ground/situation/shot';
import { bagWarnings } from '@/core/model/golfer/bagWarnings';
import type { Question } from '@/core/search/calls/question';
import { SCHOOL_IDS } from '@/core/search/schools/schools';
import { check, FaultyInput, type Fault } from '../check/fault';
import {
  exactObject,
  integerField,
  lengthName,
  lengthOf,
  listField,
  numberField,
  required,
  wordField,
  type Of,
} from '../check/fields';
import { playerSchema, readPlayer } from './player';
import { readShot, shotSchema } from './shot';

export const SITUATION_FORMAT = 'mellow-divot/situation';
export const SITUATION_VERSION = 1;

/** Schools by their ids, each at most once. */
export const schoolsField = listField(wordField(SCHOOL_IDS), 0, SCHOOL_IDS.length);

/** Weight of the worst tenth of the balls in the order of calls. */
export const cautionField = numberField(0, 1);

/** The fields of a situation; a set-up to simulate stands beside them in its own format. */
export const situationFields = {
  format: wordField([SITUATION_FORMAT]),
  version: numberField(SITUATION_VERSION, SITUATION_VERSION),
  player: required(playerSchema),
  shot: required(shotSchema),
  prefer: exactObject({ schools: schoolsField, caution: cautionField }),
  seed: integerField(0, 4294967295),
};

export const situationSchema = required(exactObject(situationFields));

/** A situation as the format writes it. */
export type SituationInput = Of<typeof situationSchema>;

/** What a situation asks, and what was taken for granted because it did not say. */
export interface Reading {
  question: Question;
  /** Where the sand stands from 0 powder to 1 packed. */
  firmness: number;
  notes: readonly Fact[];
}

export const DEFAULT_SEED = 1;

/** The name of the field that gave a length, for messages: `pin_yd`. */
function fieldOf(value: object, name: string): string {
  return Object.keys(value).find((key) => lengthName(key) === name) ?? name;
}

/** What is wrong with a trusted club: it must be in the bag. */
export function trustedFaults(
  trusted: string | undefined,
  bag: readonly { name: string }[],
  path: string,
): Fault[] {
  const names = bag.map(({ name }) => name);
  if (trusted === undefined || names.includes(trusted)) return [];
  return [
    {
      path,
      message: fact('shot.clubNotInBag', {
        names: names.join(', '),
        club: trusted,
      }),
    },
  ];
}

/** Faults between fields that are each allowed. */
function crossFaults(input: SituationInput, shot: Shot): Fault[] {
  const faults: Fault[] = [];
  const say = (name: string, message: Fact): void => {
    faults.push({ path: `shot.${fieldOf(input.shot, name)}`, message });
  };
  if (shot.edge > shot.pin) say('edge', fact('shot.edgePastFlag'));
  if (shot.back < shot.pin) say('back', fact('shot.backBeforeFlag'));
  const lip = input.shot.lip;
  if (lip && shot.lip.distance > shot.edge) {
    faults.push({
      path: `shot.lip.${fieldOf(lip, 'distance')}`,
      message: fact('shot.lipPastEdge'),
    });
  }
  if (shot.carry !== undefined && shot.carry < shot.lip.distance) {
    say('carry', fact('shot.landingBeforeLip'));
  }
  if (shot.clear !== undefined && shot.clear > shot.pin) {
    say('clear', fact('shot.clearPastFlag'));
  }
  if (input.shot.lie !== undefined && lengthOf(input.shot, 'burial') !== undefined) {
    say('burial', fact('shot.lieTwice'));
  }
  const { bag, trusted_club: trusted } = input.player;
  const names = bag.map((club) => club.name);
  faults.push(...trustedFaults(trusted, bag, 'player.trusted_club'));
  names.forEach((name, i) => {
    if (names.indexOf(name) < i) {
      faults.push({
        path: `player.bag[${i}].name`,
        message: fact('shot.clubTwice', { club: name }),
      });
    }
  });
  return faults;
}

/** A checked situation in SI units. Throws FaultyInput for fields that do not fit each other. */
export function readChecked(checked: SituationInput): Reading {
  const player = readPlayer(checked.player);
  const { shot, firmness, notes } = readShot(checked.shot, player.handed === 'left' ? -1 : 1);
  const faults = crossFaults(checked, shot);
  if (faults.length > 0) throw new FaultyInput(faults);
  const { prefer, seed = DEFAULT_SEED } = checked;
  return {
    question: {
      player,
      shot,
      seed,
      ...(prefer?.caution === undefined ? {} : { caution: prefer.caution }),
      ...(prefer?.schools ? { schools: prefer.schools } : {}),
    },
    firmness,
    notes: [...notes, ...bagWarnings(player)],
  };
}

/**
 * Reads a situation from outside.
 *
 * @param input parsed JSON
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export const readSituation = (input: unknown): Reading =>
  readChecked(check(situationSchema, input));
