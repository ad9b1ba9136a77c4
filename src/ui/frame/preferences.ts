import { UNIT_SYSTEMS, type UnitSystem } from '@/core/ground/units/system';

export const THEMES = ['light', 'dusk'] as const;
export type Theme = (typeof THEMES)[number];

/** Names of the cookies that remember how this browser likes to be shown the desk. */
export const PREFERENCE_COOKIES = { units: 'mellow-units', theme: 'mellow-theme' } as const;

const YEAR = 31536000;

/** Remembers a preference in this browser. */
export function remember(name: keyof typeof PREFERENCE_COOKIES, value: string): void {
  document.cookie = `${PREFERENCE_COOKIES[name]}=${value}; path=/; max-age=${YEAR}; samesite=lax`;
}

/** The units that a text names, or the usual ones. */
export const unitsFrom = (text: string | undefined, usual: UnitSystem = 'yards'): UnitSystem =>
  UNIT_SYSTEMS.find((each) => each === text) ?? usual;

export const themeFrom = (text: string | undefined): Theme =>
  THEMES.find((each) => each === text) ?? 'light';
