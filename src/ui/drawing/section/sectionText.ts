import type { CallPicture } from '@/core/tell/picture/picture';
import type { Shot } from '@/core/ground/situation/shot';
import { sayLength, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';

/** What the section shows, in words. */
export function sectionText(
  shot: Shot,
  pictures: readonly CallPicture[],
  clubs: readonly string[],
  units: UnitSystem,
): string {
  const far = (metres: number): string => sayLength(metres, 'ground', units);
  const high = (metres: number): string => sayLength(metres, 'height', units);
  const flights = pictures.map(
    ({ landing, finish, flight }, i) =>
      `the ${clubs[i]} rises ${high(Math.max(...flight.map(([, z]) => z)))}, lands at ${far(landing)} and stops at ${far(finish)}`,
  );
  return `Side view to scale. Flag at ${far(shot.pin)}, green from ${far(shot.edge)} to ${far(shot.back)}, lip ${high(shot.lip.height)} high at ${far(shot.lip.distance)}. ${flights.length > 0 ? `${flights.join('; ')}.` : 'No call yet.'} Scale in ${unitFor('ground', units)}.`;
}
