import { fact } from '@/core/ground/fact/fact';
import type { ClubType } from '@/core/ground/club/club';
import { HANDS, SKILLS, USUAL_MISSES } from '@/core/ground/player/player';
import { fromMetres, type LengthUnit } from '@/core/ground/units/length';
import { UNIT_SYSTEMS } from '@/core/ground/units/system';
import { bagSchema, clubName, type ClubInput } from '@/core/contract/shot/club';
import { check, faulty, FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  lengthName,
  lengthOf,
  numberField,
  proseField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';
import { cautionsField, techniquesField } from '@/core/contract/shot/player';
import { schoolsField, trustedFaults } from '@/core/contract/shot/situation';

const LONGEST_NOTE = 4000;

export const recordSchema = exactObject({
  name: required(textField(1, 80)),
  handed: required(wordField(HANDS)),
  skill: required(wordField(SKILLS)),
  /** Better than scratch is negative. */
  handicap: numberField(-10, 54),
  usual_miss: wordField(USUAL_MISSES),
  /** Name of the club of the bag that the player trusts from sand. */
  trusted_club: clubName,
  cautions: cautionsField,
  /** Units that this player's cards are in; the academy's when absent. */
  units: wordField(UNIT_SYSTEMS),
  /** Preferred techniques. */
  schools: schoolsField,
  /** How far the player has each technique that has to be practised first. */
  techniques: techniquesField,
  notes: proseField(LONGEST_NOTE),
  bag: bagSchema,
});

type RecordInput = Of<typeof recordSchema>;

/** Everything that is known of a player besides what was learnt: the outside form of a roster's entry. */
export type PlayerRecord = RecordInput &
  Required<Pick<RecordInput, 'cautions' | 'schools' | 'notes'>>;

/** Lofts, degrees, and longest stock carries, m, that a club of a type can have; what lies outside is a slip of the pen. */
const TYPE_LIMITS: Record<ClubType, { loft: readonly [number, number]; carry: number }> = {
  wedge: { loft: [40, 72], carry: 165 },
  iron: { loft: [12, 58], carry: 260 },
  hybrid: { loft: [12, 40], carry: 270 },
  wood: { loft: [5, 35], carry: 330 },
  putter: { loft: [0, 12], carry: 0 },
};

/** What is wrong with the clubs of a bag taken together, by path. */
export function bagFaults(bag: readonly ClubInput[]): Fault[] {
  const faults: Fault[] = [];
  const names = bag.map(({ name }) => name.trim().toLowerCase());
  bag.forEach((club, i) => {
    if (names.indexOf(names[i]!) !== i) {
      faults.push({
        path: `bag[${i}].name`,
        message: fact('shot.clubTwice', { club: club.name }),
      });
    }
    const { loft, carry } = TYPE_LIMITS[club.type];
    if (club.loft_deg < loft[0] || club.loft_deg > loft[1]) {
      faults.push({
        path: `bag[${i}].loft_deg`,
        message: fact('player.loft', {
          type: fact(`aType.${club.type}`),
          loft: loft[0],
          loft2: loft[1],
          loft3: club.loft_deg,
        }),
      });
    }
    const typed = Object.keys(club).find((key) => lengthName(key) === 'stock_carry');
    const said = lengthOf(club, 'stock_carry');
    if (typed !== undefined && said !== undefined && said > carry) {
      // In the unit in which it was typed.
      const unit = typed.slice('stock_carry_'.length) as LengthUnit;
      const far = (metres: number): number => Math.round(fromMetres(metres, unit));
      faults.push({
        path: `bag[${i}].${typed}`,
        message:
          carry === 0
            ? fact('player.putterCarry')
            : fact('player.carryTooFar', {
                far: far(said),
                unit,
                type: fact(`aType.${club.type}`),
                far2: far(carry),
              }),
      });
    }
  });
  return faults;
}

/**
 * Checks a player's record.
 *
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readPlayerRecord(input: unknown): PlayerRecord {
  const faults: Fault[] = [];
  try {
    check(recordSchema, input);
  } catch (error) {
    if (!(error instanceof FaultyInput)) throw error;
    faults.push(...error.faults);
  }
  const record = input as RecordInput;
  // Clubs are compared with each other only once each of them can be read.
  if (!faults.some(({ path }) => path === 'input' || path.startsWith('bag'))) {
    faults.push(...bagFaults(record.bag));
    faults.push(...trustedFaults(record.trusted_club, record.bag, 'trusted_club'));
  }
  if (faults.length > 0) throw new FaultyInput(faults);
  const name = record.name.trim();
  if (name === '') throw faulty('name', fact('check.notEmpty'));
  return {
    ...record,
    name,
    cautions: record.cautions ?? [],
    schools: record.schools ?? [],
    notes: record.notes ?? '',
  };
}
