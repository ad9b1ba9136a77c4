import { HANDS, SKILLS } from '@/core/ground/player/player';
import { UNIT_SYSTEMS } from '@/core/ground/units/system';
import { check } from '@/core/contract/check/fault';
import {
  exactObject,
  flagField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';
import { cautionField, schoolsField } from '@/core/contract/shot/situation';
import type { PlayerRecord } from './record';

const houseSchema = exactObject({
  name: required(textField(1, 80)),
  /** Of new players. */
  handed: required(wordField(HANDS)),
  skill: required(wordField(SKILLS)),
  units: required(wordField(UNIT_SYSTEMS)),
  /** Schools that the house prefers, for players who prefer none themselves. */
  schools: required(schoolsField),
  /** Weight of the worst tenth of the balls in the order of calls, 0 to 1; the usual one when absent. */
  caution: cautionField,
  /** Whether simulated devices are shown beside the real ones. */
  stand_ins: flagField(),
});

/** What the academy takes for granted. */
export type House = Of<typeof houseSchema>;

/** What of the house a call depends on. */
export type HousePreferences = Pick<House, 'schools' | 'caution'>;

/** What a new academy takes for granted; it has no name until it is given one. */
export const PLAIN_HOUSE: House = {
  name: '',
  handed: 'right',
  skill: 'middle',
  units: 'yards',
  schools: [],
};

/** Checks the academy's settings. Throws FaultyInput. */
export const readHouse = (input: unknown): House => check(houseSchema, input);

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

/** How somebody of the academy plays who trains the own eye: as coaches do, with the wedges that most of them carry. */
export const coachRecord = (house: House, name: string): PlayerRecord => ({
  ...newRecord(house),
  name,
  skill: 'expert',
  bag: [
    { name: 'PW', type: 'wedge', loft_deg: 46, bounce_deg: 6 },
    { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10 },
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12 },
    { name: '60', type: 'wedge', loft_deg: 60, bounce_deg: 8 },
  ],
});
