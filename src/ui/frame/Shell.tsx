'use client';

import { t } from '@/core/tell/language/t';
import { type QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { Toaster } from 'sonner';
import type { UnitSystem } from '@/core/ground/units/system';
import { UnitsContext } from '../kit/units';
import { newCache } from '../server/cache';
import type { Looking, Theme } from './cookies';
import { PreferencesContext, remember } from './preferences';
import { StandInsContext } from './standIns';
import { WhoContext, type Who } from './who';

interface ShellProps {
  /** What this browser chose before, or the academy's units. */
  units: UnitSystem;
  theme: Theme;
  looking: Looking;
  who: Who;
  standIns: boolean;
  children: ReactNode;
}

/** Messages lie above a page’s foot, px: what is there can be pressed while they are. */
const ABOVE_FOOT = 76;

/**
 * What every page stands in: units and theme, what was fetched, and the messages at the foot. The document is `awake` from when
 * its buttons do something.
 */
export function Shell({
  units: usual,
  theme: first,
  looking: how,
  who,
  standIns,
  children,
}: ShellProps) {
  const [cache] = useState<QueryClient>(newCache);
  const [chosen, choose] = useState<UnitSystem | null>(null);
  const [theme, setTheme] = useState(first);
  const [looking, setLooking] = useState(how);
  const units = chosen ?? usual;
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  useEffect(() => {
    document.documentElement.dataset.awake = 'true';
  }, []);
  const preferences = {
    units,
    theme,
    looking,
    onUnits: (next: UnitSystem): void => {
      remember('units', next);
      choose(next);
    },
    onTheme: (next: Theme): void => {
      remember('theme', next);
      setTheme(next);
    },
    onLooking: (next: Looking): void => {
      remember('looking', next);
      setLooking(next);
    },
  };
  return (
    <QueryClientProvider client={cache}>
      <PreferencesContext value={preferences}>
        <UnitsContext value={units}>
          <WhoContext value={who}>
            <StandInsContext value={standIns}>
              <div className="flex min-h-screen flex-col">{children}</div>
            </StandInsContext>
          </WhoContext>
          <Toaster
            containerAriaLabel={t('Notifications')}
            position="bottom-center"
            offset={{ bottom: ABOVE_FOOT }}
            mobileOffset={{ bottom: ABOVE_FOOT }}
          />
        </UnitsContext>
      </PreferencesContext>
    </QueryClientProvider>
  );
}
