import { t } from '@/core/tell/language/t';
import { KIND_WORDS } from './kinds';
import { LIE_WORDS } from './situation';
import { nearestLie } from '@/core/ground/sand/lie';
import type { Change, Moved } from '@/core/search/changes/changes';
import type { FactorName } from '@/core/search/changes/factors';
import type { Called } from '@/core/search/calls/call';
import { degrees } from '@/core/ground/units/angle';
import { sayLength, saySmall, saySpeed } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';

/**
 * A firmness from 0 to 1 in words.
 *
 * @example
 * firmnessWords(0.5); // => 'medium'
 */
export function firmnessWords(firmness: number): string {
  if (firmness < 0.13) return t('powdery');
  if (firmness < 0.38) return t('soft');
  if (firmness < 0.63) return t('medium');
  return firmness < 0.88 ? t('firm') : t('wet and packed');
}

/** A slope along the line, in whole degrees, as it is said. */
function slopeSaid(deg: number): string {
  if (deg === 0) return t('level');
  return `${Math.abs(deg)}° ${deg > 0 ? t('uphill') : t('downhill')}`;
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
      return t('{deep} ({value} under)', {
        deep: LIE_WORDS[nearestLie(value)].deep,
        value: saySmall(value, units),
      });
    case 'slope':
      return slopeSaid(Math.round(degrees(value)));
    case 'wind':
      return saySpeed(Math.abs(value), units);
  }
}

/** A leader in two words: "52 splashed". */
export const leaderWords = (leader: Called | null): string =>
  leader ? `${leader.club} ${KIND_WORDS[leader.kind]}` : t('no shot at the flag');

/** When the call changes, as one clause: "the lip passes 6.5 ft". */
export function changeWords(change: Change, units: UnitSystem): string {
  const { factor, value, here, direction } = change;
  const up = direction === 'up';
  if (factor === 'bounce') {
    const deg = degrees(value);
    const club = change.from?.club ?? t('club');
    return up
      ? t('the {club} has {least}° of bounce or more', { club, least: Math.ceil(deg) })
      : t('the {club} has under {most}° of bounce', { club, most: Math.floor(deg) + 1 });
  }
  const said = factorValueWords(factor, value, units);
  switch (factor) {
    case 'lip':
      return up ? t('the lip passes {said}', { said }) : t('the lip is under {said}', { said });
    case 'distance':
      return up ? t('the flag is past {said}', { said }) : t('the flag is inside {said}', { said });
    case 'sand':
      if (said === firmnessWords(here)) {
        return up
          ? t('the sand is a little firmer than this')
          : t('the sand is a little softer than this');
      }
      return up
        ? t('the sand is {said} or firmer', { said })
        : t('the sand is {said} or softer', { said });
    case 'lie':
      if (nearestLie(value) === nearestLie(here)) {
        return up
          ? t('the ball sits a little deeper than this')
          : t('the ball sits a little higher than this');
      }
      return t('the lie is {said}', { said });
    case 'slope':
      return t('the lie is {said}', { said });
    case 'wind':
      return value < 0
        ? t('the wind is {said} into you', { said })
        : t('the wind is {said} behind you', { said });
  }
}

/** What is moved, at a value, as it is said with its unit. */
const movedWords = (moved: Moved, value: number, units: UnitSystem): string =>
  moved === 'bounce' ? `${Math.round(degrees(value))}°` : factorValueWords(moved, value, units);

/**
 * A change of the call as a clause with what is called then, and until where what stands is called when others come between: "the lip passes
 * 7 ft: no shot at the flag (52 long splash only to 6.8 ft)".
 */
export function changeSaid(change: Change, units: UnitSystem): string {
  const { factor, value, until, from, to } = change;
  const said = `${changeWords(change, units)}: ${leaderWords(to)}`;
  const end = until === undefined ? null : movedWords(factor, until, units);
  if (end === null || end === movedWords(factor, value, units)) return said;
  return t('{said} ({call} only to {end})', { said, call: leaderWords(from), end });
}
