import type { Lie } from '@/core/ground/sand/lie';
import type { Spot } from '@/core/place/sight/sight';
import { t } from '../language/t';
import { LIE_WORDS } from '../words/situation';
import type { ShotInput } from '@/core/contract/shot/shot';
import { saidShot } from '@/core/tell/grammar/saidShot';
import type { UnitSystem } from '@/core/ground/units/system';

/**
 * The name of a station that nobody named: what lies there. Stations are numbered by their place, which changes.
 *
 * @example
 * stationName({ pin_yd: 12, lie: 'plugged', lip: { height_ft: 4, distance_ft: 6 } }, 'yards'); // => '12 yd to the flag, plugged'
 * stationName({ pin_yd: 12, lie: 'clean' }, 'yards'); // => '12 yd to the flag'
 */
export function stationName({ lie, ...shot }: ShotInput, units: UnitSystem): string {
  const pin = Object.fromEntries(
    Object.entries(shot).filter(([field]) => field.startsWith('pin_')),
  );
  return saidShot({ ...pin, ...(lie && lie !== 'clean' && { lie }) } as ShotInput, units);
}

/** What a station is called that a ball on drawn ground makes: "Pot, plugged, to Middle". */
export const groundStationName = ({ bunker, flag }: Spot, lie: Lie): string =>
  t('{bunker}, {name}, to {flag}', {
    bunker: bunker.name,
    name: LIE_WORDS[lie].name,
    flag: flag.name,
  });
