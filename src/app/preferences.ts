import { cookies } from 'next/headers';
import { PREFERENCE_COOKIES, themeFrom, unitsFrom, type Theme } from '@/ui/frame/cookies';
import type { UnitSystem } from '@/core/ground/units/system';
import { house } from './house';

/** Units and theme of whoever asks: as this browser chose, or the academy's units. */
export async function preferences(): Promise<{ units: UnitSystem; theme: Theme }> {
  const jar = await cookies();
  return {
    units: unitsFrom(jar.get(PREFERENCE_COOKIES.units)?.value, (await house()).units),
    theme: themeFrom(jar.get(PREFERENCE_COOKIES.theme)?.value),
  };
}
