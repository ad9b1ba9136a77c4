import type { ShotInput } from '../format/shot';
import { fromMetres, LENGTH_UNITS, toMetres, type LengthUnit } from '@/core/ground/units/length';
import { plainNumber, unitFor } from '@/core/ground/units/say';
import { fromMps, speedUnit } from '@/core/ground/units/speed';
import type { UnitSystem } from '@/core/ground/units/system';
import { BEYOND_SAID, LIE_SAID, SAND_SAID, WIND_SAID } from './vocabulary';

/** A length field of an object as it is said, "18 yd": as it was written, or in the unit `wanted`. */
function saidLength(
  place: object | undefined,
  name: string,
  wanted?: LengthUnit | null,
): string | null {
  for (const unit of LENGTH_UNITS) {
    const value = (place as Record<string, unknown> | undefined)?.[`${name}_${unit}`];
    if (typeof value !== 'number') continue;
    if (!wanted || unit === wanted) return `${value} ${unit}`;
    return `${plainNumber(fromMetres(toMetres(value, unit), wanted))} ${wanted}`;
  }
  return null;
}

const keyOf = <T>(words: Record<string, T>, value: T): string | undefined =>
  Object.keys(words).find((key) => words[key] === value);

/**
 * A shot as a sentence that `understand` reads back to the same shot, its lengths in the units in which they were written.
 * Ways out other than at the flag are not said.
 *
 * @param units the units of whoever reads it; lengths written in others are said to a tenth then
 */
export function saidShot(shot: ShotInput, units?: UnitSystem): string {
  const ground = units && unitFor('ground', units);
  const upright = units && unitFor('height', units);
  const { lip, sand = {}, slope = {}, green = {}, wind } = shot;
  const parts: (string | null | undefined)[] = [];
  const say = (value: string | null, words: (said: string) => string): void => {
    if (value !== null) parts.push(words(value));
  };
  say(saidLength(shot, 'pin', ground), (said) => `${said} to the flag`);
  if (shot.lie) parts.push(keyOf(LIE_SAID, shot.lie));
  if (shot.burial_mm !== undefined) parts.push(`${shot.burial_mm} mm under`);
  if (sand.preset) parts.push(`${keyOf(SAND_SAID, sand.preset)} sand`);
  if (sand.firmness !== undefined) parts.push(`firmness ${sand.firmness}`);
  if (sand.moisture !== undefined) parts.push(`wetness ${sand.moisture}`);
  if (sand.density_kgm3 !== undefined) parts.push(`density ${sand.density_kgm3}`);
  say(saidLength(sand, 'depth'), (said) => `${said} deep`);
  if (sand.crust) parts.push('dry crust over wet');
  if (slope.along_deg) {
    parts.push(`${slope.along_deg > 0 ? 'up' : 'down'} ${Math.abs(slope.along_deg)}`);
  }
  if (slope.across_deg) {
    parts.push(`ball ${slope.across_deg > 0 ? 'above' : 'below'} ${Math.abs(slope.across_deg)}`);
  }
  const height = saidLength(lip, 'height', upright);
  const distance = saidLength(lip, 'distance', upright);
  if (height && distance) parts.push(`lip ${height} at ${distance}`);
  say(saidLength(shot, 'edge', ground), (said) => `green at ${said}`);
  say(saidLength(shot, 'back', ground), (said) => `back ${said}`);
  say(saidLength(green, 'stimp'), (said) => `runs ${said.split(' ')[0]}`);
  if (green.slope_deg) {
    parts.push(`${green.slope_deg > 0 ? 'uphill' : 'downhill'} ${Math.abs(green.slope_deg)}`);
  }
  if (green.firmness) parts.push(`${green.firmness} green`);
  if (shot.beyond) parts.push(`${keyOf(BEYOND_SAID, shot.beyond)} behind`);
  say(saidLength(shot, 'carry', ground), (said) => `land it at ${said}`);
  say(saidLength(shot, 'clear', ground), (said) => `carry ${said}`);
  if (wind) {
    const from = keyOf(WIND_SAID, wind.from_deg ?? 0);
    const unit = speedUnit(units ?? 'metres');
    const speed = unit === 'm/s' ? wind.speed_mps : plainNumber(fromMps(wind.speed_mps, unit));
    if (from) parts.push(`wind ${speed} ${unit} ${from}`);
  }
  return parts.filter((part) => part).join(', ');
}
