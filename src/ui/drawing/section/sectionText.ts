import type { Shot } from '@/core/ground/situation/shot';
import { sayLength, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Ranked } from '../ranked';

/** Where a shot is drawn from. */
export type SeenFrom = 'side' | 'above';

/**
 * What a drawing of a shot shows, in words.
 *
 * @param ranked what is drawn
 * @param clubs those of all calls by rank; none while the calls are being worked out
 */
export function sectionText(
  shot: Shot,
  ranked: readonly Ranked[],
  clubs: readonly string[],
  units: UnitSystem,
  from: SeenFrom = 'side',
): string {
  const far = (metres: number): string => sayLength(metres, 'ground', units);
  const high = (metres: number): string => sayLength(metres, 'height', units);
  const side = from === 'side';
  const flights = ranked.map(({ picture: { landing, finish, flight }, rank }) => {
    const rises = side ? `rises ${high(Math.max(...flight.map(([, z]) => z)))}, ` : '';
    return `the ${clubs[rank]} ${rises}lands at ${far(landing)} and stops at ${far(finish)}`;
  });
  const none = clubs.length === 0 ? 'No call yet.' : 'Nothing is played at the flag.';
  return [
    side ? 'Side view to scale.' : 'View from above to scale.',
    `Flag at ${far(shot.pin)}, green from ${far(shot.edge)} to ${far(shot.back)}, lip ${side ? `${high(shot.lip.height)} high ` : ''}at ${far(shot.lip.distance)}.`,
    flights.length > 0 ? `${flights.join('; ')}.` : none,
    `Scale in ${unitFor('ground', units)}.`,
  ].join(' ');
}
