import { BURIED_SCHOOLS } from './buried';
import { FIRM_SCHOOLS, RUNNING_SCHOOLS } from './firm';
import { GREENSIDE_SCHOOLS } from './greenside';
import { FORWARD_SCHOOLS, LONG_SCHOOLS, PICK_SCHOOLS } from './long';
import { PUTT_SCHOOL } from './putt';
import type { School } from './school';

/** Every way of playing at the flag that the search knows. A new school is one row in one of these lists. */
export const SCHOOLS: readonly School[] = [
  ...GREENSIDE_SCHOOLS,
  ...LONG_SCHOOLS,
  ...FORWARD_SCHOOLS,
  ...PICK_SCHOOLS,
  ...BURIED_SCHOOLS,
  ...FIRM_SCHOOLS,
  ...RUNNING_SCHOOLS,
  PUTT_SCHOOL,
];

/** Schools that are not at the flag: the ways out and the reliefs. */
export const OTHER_SCHOOLS = {
  sideways: { id: 'sideways-first' },
  reliefInside: { id: 'relief-in-the-bunker' },
  reliefOutside: {
    id: 'relief-back-on-the-line',
  },
} as const;

/** The school of an id; undefined for one that is not played at the flag. */
export const schoolById = (id: string): School | undefined =>
  SCHOOLS.find((school) => school.id === id);

/** Those that have to be practised before they are played. */
export const TRICKS: readonly School[] = SCHOOLS.filter(({ trick }) => trick);

/** All ids that a preference may name. */
export const SCHOOL_IDS: readonly string[] = [
  ...SCHOOLS.map(({ id }) => id),
  ...Object.values(OTHER_SCHOOLS).map(({ id }) => id),
];
