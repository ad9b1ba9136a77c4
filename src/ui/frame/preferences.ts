'use client';

import { createContext, useContext } from 'react';
import type { UnitSystem } from '@/core/ground/units/system';
import { PREFERENCE_COOKIES, type Theme } from './cookies';

const YEAR = 31536000;

/** Remembers a preference in this browser. */
export function remember(name: keyof typeof PREFERENCE_COOKIES, value: string): void {
  document.cookie = `${PREFERENCE_COOKIES[name]}=${value}; path=/; max-age=${YEAR}; samesite=lax`;
}

/** Units and theme of this browser, and changing them. */
export interface Preferences {
  units: UnitSystem;
  theme: Theme;
  onUnits: (units: UnitSystem) => void;
  onTheme: (theme: Theme) => void;
}

export const PreferencesContext = createContext<Preferences>({
  units: 'yards',
  theme: 'light',
  onUnits: () => undefined,
  onTheme: () => undefined,
});

export const usePreferences = (): Preferences => useContext(PreferencesContext);
