'use client';

import { choices, told } from '@/core/tell/language/told';
import { createContext, useContext } from 'react';
import type { UnitSystem } from '@/core/ground/units/system';

/** In which units lengths are said on this page. */
export const UnitsContext = createContext<UnitSystem>('yards');

/** The units that lengths are said in. */
export const useUnits = (): UnitSystem => useContext(UnitsContext);

/** The systems of units, to choose from. */
export const UNIT_CHOICES = choices([
  ['yards', 'yards and feet'],
  ['metres', 'metres'],
]);

/** The systems of units in a word. */
export const UNIT_NAMES: Record<UnitSystem, string> = told({ yards: 'yards', metres: 'metres' });
