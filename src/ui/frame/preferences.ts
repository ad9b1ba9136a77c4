'use client';

import { createContext, useContext } from 'react';
import type { UnitSystem } from '@/core/ground/units/system';
import { PREFERENCE_COOKIES, type Looking, type Theme } from './cookies';

const YEAR = 31536000;

/** Remembers a preference in this browser. */
export function remember(name: keyof typeof PREFERENCE_COOKIES, value: string): void {
  document.cookie = `${PREFERENCE_COOKIES[name]}=${value}; path=/; max-age=${YEAR}; samesite=lax`;
}

/** Units and theme of this browser, whether it looks for changes by itself, and changing them. */
export interface Preferences {
  units: UnitSystem;
  theme: Theme;
  looking: Looking;
  onUnits: (units: UnitSystem) => void;
  onTheme: (theme: Theme) => void;
  onLooking: (looking: Looking) => void;
}

export const PreferencesContext = createContext<Preferences>({
  units: 'yards',
  theme: 'light',
  looking: 'by-itself',
  onUnits: () => undefined,
  onTheme: () => undefined,
  onLooking: () => undefined,
});

export const usePreferences = (): Preferences => useContext(PreferencesContext);
