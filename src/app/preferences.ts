import { cookies } from 'next/headers';
import {
  lookingFrom,
  PREFERENCE_COOKIES,
  themeFrom,
  unitsFrom,
  type Looking,
  type Theme,
} from '@/ui/frame/cookies';
import type { UnitSystem } from '@/core/ground/units/system';
import { house } from './house';

/** Units, theme and the rest of whoever asks: as this browser chose, or the academy has it. */
export async function preferences(): Promise<{
  units: UnitSystem;
  theme: Theme;
  looking: Looking;
  standIns: boolean;
}> {
  const jar = await cookies();
  const chosen = (name: keyof typeof PREFERENCE_COOKIES): string | undefined =>
    jar.get(PREFERENCE_COOKIES[name])?.value;
  const academy = await house();
  return {
    units: unitsFrom(chosen('units'), academy.units),
    theme: themeFrom(chosen('theme')),
    looking: lookingFrom(chosen('looking')),
    standIns: academy.stand_ins === true,
  };
}
