import { check } from '@/core/tell/format/fault';
import {
  exactObject,
  listField,
  numberField,
  required,
  textField,
  wordField,
} from '@/core/tell/format/fields';
import { HANDS, SKILLS, type Hand, type Skill } from '@/core/ground/player/player';
import { SCHOOL_IDS } from '@/core/search/schools/schools';
import { UNIT_SYSTEMS, type UnitSystem } from '@/core/ground/units/system';
import type { PlayerRecord } from './record';

/** What the academy takes for granted. */
export interface House {
  name: string;
  /** Of new players. */
  handed: Hand;
  skill: Skill;
  units: UnitSystem;
  /** Schools that the house prefers, for players who prefer none themselves. */
  schools: string[];
  /** Weight of the worst tenth of the balls in the order of calls, 0 to 1; the usual one when absent. */
  caution?: number;
}

/** What of the house a call depends on. */
export type HousePreferences = Pick<House, 'schools' | 'caution'>;

export const PLAIN_HOUSE: House = {
  name: 'The academy',
  handed: 'right',
  skill: 'middle',
  units: 'yards',
  schools: [],
};

const houseSchema = exactObject({
  name: required(textField(1, 80)),
  handed: required(wordField(HANDS)),
  skill: required(wordField(SKILLS)),
  units: required(wordField(UNIT_SYSTEMS)),
  schools: required(listField(wordField(SCHOOL_IDS), 0, SCHOOL_IDS.length)),
  caution: numberField(0, 1),
});

/** Checks the academy's settings. Throws FaultyInput. */
export const readHouse = (input: unknown): House => check<House>(houseSchema, input);

/** A record for somebody new in this house. */
export const newRecord = (house: House): PlayerRecord => ({
  name: '',
  handed: house.handed,
  skill: house.skill,
  cautions: [],
  schools: [],
  notes: '',
  bag: [
    { name: 'PW', type: 'wedge', loft_deg: 46, bounce_deg: 6 },
    { name: 'SW', type: 'wedge', loft_deg: 56, bounce_deg: 12 },
  ],
});
