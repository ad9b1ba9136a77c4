import type { Resolver } from 'react-hook-form';
import { lengthOf } from '@/core/contract/check/fields';
import type { ClubInput } from '@/core/contract/shot/club';
import { readPlayerRecord, type PlayerRecord } from '@/core/lesson/players/record';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { depthUnit, unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { handicapWords } from '@/core/ground/player/handicap';
import type { Mastery } from '@/core/ground/player/player';
import { TRICKS } from '@/core/search/schools/schools';
import { checked } from '../kit/checked';

/** A club as it is typed: numbers are texts, so that what was typed is kept whatever it is. */
export interface ClubForm {
  name: string;
  type: ClubInput['type'];
  loft: string;
  bounce: string;
  carry: string;
  sole: string;
  camber: string;
  /** What the form does not show of the club, and its sole as it is stored: shown in inches it is rounded. */
  rest: Partial<ClubInput>;
}

/** A player as it is typed. */
export interface PlayerFormValues {
  name: string;
  handed: PlayerRecord['handed'];
  skill: PlayerRecord['skill'];
  handicap: string;
  usual_miss: PlayerRecord['usual_miss'] | '';
  trusted_club: string;
  cautions: string[];
  units: PlayerRecord['units'] | '';
  schools: string[];
  /** How far the player has each technique that has to be practised first, by its id. */
  techniques: Record<string, Mastery>;
  notes: string;
  bag: ClubForm[];
}

const text = (value: number | undefined, digits = 1): string =>
  value === undefined ? '' : plainNumber(value, digits);

const SHOWN = /^(name|type|loft_deg|bounce_deg|camber|stock_carry_\w+)$/;
const SOLE = /^sole_/;

/** The width of a sole as the form shows it. */
function soleText(club: Partial<ClubInput>, units: UnitSystem): string {
  const sole = lengthOf(club, 'sole');
  return text(sole === undefined ? undefined : fromMetres(sole, depthUnit(units)), 2);
}

/** A club of a record as the form shows it, its lengths in the units of the desk. */
export function clubToForm(club: ClubInput, units: UnitSystem): ClubForm {
  const carry = lengthOf(club, 'stock_carry');
  return {
    name: club.name,
    type: club.type,
    loft: text(club.loft_deg),
    bounce: text(club.bounce_deg),
    carry: text(carry === undefined ? undefined : fromMetres(carry, unitFor('ground', units))),
    sole: soleText(club, units),
    camber: text(club.camber, 2),
    rest: Object.fromEntries(
      Object.entries(club).filter(([key]) => !SHOWN.test(key)),
    ) as Partial<ClubInput>,
  };
}

export function toForm(record: PlayerRecord, units: UnitSystem): PlayerFormValues {
  return {
    name: record.name,
    handed: record.handed,
    skill: record.skill,
    handicap: record.handicap === undefined ? '' : handicapWords(record.handicap),
    usual_miss: record.usual_miss ?? '',
    trusted_club: record.trusted_club ?? '',
    cautions: record.cautions,
    units: record.units ?? '',
    schools: record.schools,
    techniques: Object.fromEntries(
      TRICKS.map(({ id }) => [id, record.techniques?.[id] ?? 'not-yet']),
    ),
    notes: record.notes,
    bag: record.bag.map((club) => clubToForm(club, units)),
  };
}

/** What was typed as a number: nothing, the number, or the text itself for the check to quote. */
export function numberOrText(typed: string): number | string | undefined {
  const trimmed = typed.trim().replace(',', '.');
  if (trimmed === '') return undefined;
  const value = Number(trimmed);
  return Number.isNaN(value) ? typed : value;
}

function present(fields: Record<string, unknown>): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== undefined && value !== ''),
  );
}

/** The record that a form says, as outside input: not checked yet. */
export function fromForm(values: PlayerFormValues, units: UnitSystem): Record<string, unknown> {
  const { handicap, usual_miss, trusted_club, units: own, techniques, bag, ...rest } = values;
  // Not yet is what is not said.
  const said = Object.entries(techniques).filter(([, mastery]) => mastery !== 'not-yet');
  return {
    ...rest,
    name: values.name.trim(),
    ...present({
      handicap: numberOrText(handicap.trim().replace(/^\+/, '-')),
      usual_miss,
      trusted_club,
      units: own,
      techniques: said.length > 0 ? Object.fromEntries(said) : undefined,
    }),
    bag: bag.map((club) => {
      const kept = club.sole.trim() === soleText(club.rest, units);
      const hidden = Object.entries(club.rest).filter(([key]) => kept || !SOLE.test(key));
      return {
        ...Object.fromEntries(hidden),
        name: club.name.trim(),
        type: club.type,
        ...present({
          loft_deg: numberOrText(club.loft),
          bounce_deg: numberOrText(club.bounce),
          [`stock_carry_${unitFor('ground', units)}`]: numberOrText(club.carry),
          ...(kept ? {} : { [`sole_${depthUnit(units)}`]: numberOrText(club.sole) }),
          camber: numberOrText(club.camber),
        }),
      };
    }),
  };
}

/** Field of the form for a path of the record: `bag[0].stock_carry_yd` is `bag.0.carry`. */
export function formPath(path: string): string {
  return path
    .replace(/\[(\d+)\]/g, '.$1')
    .replace(/\.(loft|bounce)_deg$/, '.$1')
    .replace(/\.stock_carry(_\w+)?$/, '.carry')
    .replace(/\.sole(_\w+)?$/, '.sole');
}

/** Checks what was typed with the record's own schema. */
export const playerResolver = (units: UnitSystem): Resolver<PlayerFormValues> =>
  checked(
    (values) => readPlayerRecord(fromForm(values, units)),
    (path) => (path === 'bag' ? 'bag.root' : formPath(path)),
  );
