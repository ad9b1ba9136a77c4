import { check, FaultyInput, type Fault } from '@/core/tell/format/fault';
import {
  exactObject,
  lengthOf,
  listField,
  proseField,
  required,
  textField,
  wordField,
} from '@/core/tell/format/fields';
import type { ClubInput } from '@/core/tell/format/readSituation';
import { bagSchema } from '@/core/tell/format/situationSchema';
import type { ClubType } from '@/core/ground/club/club';
import {
  BODY_CAUTIONS,
  HANDS,
  SKILLS,
  USUAL_MISSES,
  type BodyCaution,
  type Hand,
  type Skill,
  type UsualMiss,
} from '@/core/ground/player/player';
import { SCHOOL_IDS } from '@/core/search/schools/schools';
import { UNIT_SYSTEMS, type UnitSystem } from '@/core/ground/units/system';
import { fromMetres } from '@/core/ground/units/length';

/** Everything that is known of a player besides what was learnt: the outside form of a roster's entry. */
export interface PlayerRecord {
  name: string;
  handed: Hand;
  skill: Skill;
  usual_miss?: UsualMiss;
  cautions: BodyCaution[];
  /** Units that this player's cards are in; the academy's when absent. */
  units?: UnitSystem;
  /** Schools that this player prefers, by id. */
  schools: string[];
  notes: string;
  /** Clubs in the form of the situation format. */
  bag: ClubInput[];
}

const LONGEST_NOTE = 4000;

const recordSchema = exactObject({
  name: required(textField(1, 80)),
  handed: required(wordField(HANDS)),
  skill: required(wordField(SKILLS)),
  usual_miss: wordField(USUAL_MISSES),
  cautions: listField(wordField(BODY_CAUTIONS), 0, BODY_CAUTIONS.length),
  units: wordField(UNIT_SYSTEMS),
  schools: listField(wordField(SCHOOL_IDS), 0, SCHOOL_IDS.length),
  notes: proseField(LONGEST_NOTE),
  bag: bagSchema,
});

/** Lofts, degrees, and longest stock carries, m, that a club of a type can have; what lies outside is a slip of the pen. */
const TYPE_LIMITS: Record<ClubType, { loft: readonly [number, number]; carry: number }> = {
  wedge: { loft: [40, 72], carry: 165 },
  iron: { loft: [12, 58], carry: 260 },
  hybrid: { loft: [12, 40], carry: 270 },
  wood: { loft: [5, 35], carry: 330 },
  putter: { loft: [0, 12], carry: 0 },
};

const A_TYPE: Record<ClubType, string> = {
  wedge: 'a wedge',
  iron: 'an iron',
  hybrid: 'a hybrid',
  wood: 'a wood',
  putter: 'a putter',
};

/** What is wrong with the clubs of a bag taken together, by path. */
export function bagFaults(bag: readonly ClubInput[]): Fault[] {
  const faults: Fault[] = [];
  const names = bag.map(({ name }) => name.trim().toLowerCase());
  bag.forEach((club, i) => {
    if (names.indexOf(names[i]!) !== i) {
      faults.push({ path: `bag[${i}].name`, message: `"${club.name}" is in the bag twice` });
    }
    const { loft, carry } = TYPE_LIMITS[club.type];
    if (club.loft_deg < loft[0] || club.loft_deg > loft[1]) {
      faults.push({
        path: `bag[${i}].loft_deg`,
        message: `${A_TYPE[club.type]} has from ${loft[0]} to ${loft[1]} degrees of loft, not ${club.loft_deg}`,
      });
    }
    const said = lengthOf(club, 'stock_carry');
    if (said !== undefined && said > carry) {
      const yards = Math.round(fromMetres(said, 'yd'));
      faults.push({
        path: `bag[${i}].stock_carry_yd`,
        message:
          carry === 0
            ? 'a putter has no stock carry'
            : `${A_TYPE[club.type]} carries at most ${Math.round(fromMetres(carry, 'yd'))} yd, not ${yards}`,
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
  const record = input as PlayerRecord;
  // Clubs are compared with each other only once each of them can be read.
  if (!faults.some(({ path }) => path === 'input' || path.startsWith('bag'))) {
    faults.push(...bagFaults(record.bag));
  }
  if (faults.length > 0) throw new FaultyInput(faults);
  const name = record.name.trim();
  if (name === '') throw new FaultyInput([{ path: 'name', message: 'must not be empty' }]);
  return {
    ...record,
    name,
    cautions: record.cautions ?? [],
    schools: record.schools ?? [],
    notes: record.notes ?? '',
  };
}
