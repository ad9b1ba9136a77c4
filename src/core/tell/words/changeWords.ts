import { KIND_WORDS } from './kinds';
import { LIE_WORDS } from './situation';
import { nearestLie } from '@/core/ground/sand/lie';
import type { Change } from '@/core/search/changes/changes';
import type { FactorName } from '@/core/search/changes/factors';
import type { Called } from '@/core/search/calls/call';
import { degrees } from '@/core/ground/units/angle';
import { sayLength, saySmall, saySpeed } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';

/**
 * A firmness from 0 to 1 in words.
 *
 * @example
 * firmnessWords(0.5); // => 'medium'
 */
export function firmnessWords(firmness: number): string {
  if (firmness < 0.13) return 'powdery';
  if (firmness < 0.38) return 'soft';
  if (firmness < 0.63) return 'medium';
  return firmness < 0.88 ? 'firm' : 'wet and packed';
}

/** A slope along the line, in whole degrees, as it is said. */
function slopeSaid(deg: number): string {
  if (deg === 0) return 'level';
  return `${Math.abs(deg)}° ${deg > 0 ? 'uphill' : 'downhill'}`;
}

/** A factor's value as it is said, with its unit. */
export function factorValueWords(factor: FactorName, value: number, units: UnitSystem): string {
  switch (factor) {
    case 'lip':
      return sayLength(value, 'height', units);
    case 'distance':
      return sayLength(value, 'ground', units);
    case 'sand':
      return firmnessWords(value);
    case 'lie':
      return `${LIE_WORDS[nearestLie(value)].deep} (${saySmall(value, units)} under)`;
    case 'slope':
      return slopeSaid(Math.round(degrees(value)));
    case 'wind':
      return saySpeed(Math.abs(value), units);
  }
}

/** A leader in two words: "52 splashed". */
export const leaderWords = (leader: Called | null): string =>
  leader ? `${leader.club} ${KIND_WORDS[leader.kind]}` : 'no shot at the flag';

/** When the call changes, as one clause: "the lip passes 6.5 ft". */
export function changeWords(change: Change, units: UnitSystem): string {
  const { factor, value, here, direction } = change;
  const up = direction === 'up';
  if (factor === 'bounce') {
    const deg = degrees(value);
    const club = change.from?.club ?? 'club';
    return up
      ? `the ${club} has ${Math.ceil(deg)}° of bounce or more`
      : `the ${club} has under ${Math.floor(deg) + 1}° of bounce`;
  }
  const said = factorValueWords(factor, value, units);
  switch (factor) {
    case 'lip':
      return `the lip ${up ? 'passes' : 'is under'} ${said}`;
    case 'distance':
      return `the flag is ${up ? 'past' : 'inside'} ${said}`;
    case 'sand':
      return said === firmnessWords(here)
        ? `the sand is a little ${up ? 'firmer' : 'softer'} than this`
        : `the sand is ${said}${up ? ' or firmer' : ' or softer'}`;
    case 'lie':
      return `the lie is ${said}`;
    case 'slope':
      return `the lie is ${said}`;
    case 'wind':
      return `the wind is ${said} ${value < 0 ? 'into you' : 'behind you'}`;
  }
}
