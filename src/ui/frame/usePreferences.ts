'use client';

import { useEffect, useState } from 'react';
import type { UnitSystem } from '@/core/ground/units/system';
import { remember, type Theme } from './preferences';

/** Units and theme of this browser: as the server knew them, changed and remembered. */
export function usePreferences(first: { units: UnitSystem; theme: Theme }) {
  const [units, setUnits] = useState(first.units);
  const [theme, setTheme] = useState(first.theme);
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  return {
    units,
    theme,
    onUnits: (next: UnitSystem) => {
      remember('units', next);
      setUnits(next);
    },
    onTheme: (next: Theme) => {
      remember('theme', next);
      setTheme(next);
    },
  };
}
