'use client';

import { Moon, Sun } from 'lucide-react';
import type { ReactNode } from 'react';
import type { UnitSystem } from '@/core/units/system';
import { Mark } from './Mark';
import type { Theme } from './preferences';

interface TopBarProps {
  units: UnitSystem;
  onUnits: (units: UnitSystem) => void;
  theme: Theme;
  onTheme: (theme: Theme) => void;
  children: ReactNode;
}

/** Name of the product, what can be done from anywhere, units and theme. */
export function TopBar({ units, onUnits, theme, onTheme, children }: TopBarProps) {
  const other = units === 'yards' ? 'metres' : 'yards';
  return (
    <header className="flex items-center gap-3 border-b border-hairline px-6 py-1 max-sm:px-3">
      <Mark />
      <h1 className="text-xl max-sm:sr-only">Mellow Divot</h1>
      <div className="ml-auto flex items-center gap-1">
        {children}
        <button
          type="button"
          onClick={() => onUnits(other)}
          aria-label={`Lengths in ${units}; change to ${other}`}
          className="h-11 rounded px-3 whitespace-nowrap hover:bg-paper-deep max-sm:px-1.5"
        >
          {units === 'yards' ? 'yd · ft' : 'm · cm'}
        </button>
        <button
          type="button"
          onClick={() => onTheme(theme === 'light' ? 'dusk' : 'light')}
          aria-label={theme === 'light' ? 'Dusk theme' : 'Light theme'}
          className="grid size-11 place-items-center rounded hover:bg-paper-deep"
        >
          {theme === 'light' ? (
            <Moon size={18} aria-hidden="true" />
          ) : (
            <Sun size={18} aria-hidden="true" />
          )}
        </button>
      </div>
    </header>
  );
}
