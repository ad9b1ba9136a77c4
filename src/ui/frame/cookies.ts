import { UNIT_SYSTEMS, type UnitSystem } from '@/core/ground/units/system';

export const THEMES = ['light', 'dusk'] as const;
export type Theme = (typeof THEMES)[number];

/** Whether a desk looks by itself for when the call changes: seconds of both processors for each reading. */
export const LOOKING = ['by-itself', 'when-asked'] as const;
export type Looking = (typeof LOOKING)[number];

/** Names of the cookies that remember how this browser likes to be shown the pages. */
export const PREFERENCE_COOKIES = {
  units: 'mellow-units',
  theme: 'mellow-theme',
  looking: 'mellow-looking',
  language: 'mellow-language',
} as const;

/** The units that a text names, or the usual ones. */
export const unitsFrom = (text: string | undefined, usual: UnitSystem = 'yards'): UnitSystem =>
  UNIT_SYSTEMS.find((each) => each === text) ?? usual;

export const themeFrom = (text: string | undefined): Theme =>
  THEMES.find((each) => each === text) ?? 'light';

export const lookingFrom = (text: string | undefined): Looking =>
  LOOKING.find((each) => each === text) ?? 'by-itself';
