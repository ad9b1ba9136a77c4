import { t } from '@/core/tell/language/t';
import type { Shot } from '@/core/ground/situation/shot';
import { sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
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
    const rises = side
      ? `${t('rises {high},', { high: high(Math.max(...flight.map(([, z]) => z))) })} `
      : '';
    return t('the {clubs} {rises}lands at {far} and stops at {far2}', {
      clubs: String(clubs[rank]),
      rises,
      far: far(landing),
      far2: far(finish),
    });
  });
  const none = clubs.length === 0 ? t('No call yet.') : t('No shot is played at the flag.');
  return [
    side ? t('Side view to scale.') : t('View from above to scale.'),
    t('Flag at {far}, green from {far2} to {far3}, lip {side}at {far4}.', {
      far: far(shot.pin),
      far2: far(shot.edge),
      far3: far(shot.back),
      side: side ? `${t('{high} high', { high: high(shot.lip.height) })} ` : '',
      far4: far(shot.lip.distance),
    }),
    flights.length > 0 ? `${flights.join('; ')}.` : none,
    t('Scale in {unit}.', { unit: unitFor('ground', units) }),
  ].join(' ');
}
