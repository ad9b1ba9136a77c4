'use client';

import { createContext, useContext } from 'react';
import type { UnitSystem } from '@/core/ground/units/system';

/** In which units lengths are said on this page. */
export const UnitsContext = createContext<UnitSystem>('yards');

/** The units that lengths are said in. */
export const useUnits = (): UnitSystem => useContext(UnitsContext);
