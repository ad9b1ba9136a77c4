import type { ShotInput } from '../reading/reading';
import type { Beyond } from '../green/surface';
import { LIES, type Lie } from '../sand/lie';
import type { SandPreset } from '../sand/presets';
import { METRES_PER } from '../units/length';
import { BEYOND_SAID, LIE_SAID, SAND_SAID, WIND_SAID } from './vocabulary';

/** A length field of an object as it is said: "18 yd". */
function saidLength(place: object | undefined, name: string): string | null {
  for (const unit of Object.keys(METRES_PER)) {
    const value = (place as Record<string, unknown> | undefined)?.[`${name}_${unit}`];
    if (typeof value === 'number') return `${value} ${unit}`;
  }
  return null;
}

const keyOf = <T>(words: Record<string, T>, value: T): string | undefined =>
  Object.keys(words).find((key) => words[key] === value);

/**
 * A shot as a sentence that `understand` reads back to the same shot. Ways out other than at the flag are not
 * said.
 */
export function saidShot(shot: ShotInput): string {
  const lip = shot.lip as object | undefined;
  const sand = (shot.sand ?? {}) as { preset?: SandPreset; crust?: boolean };
  const slope = (shot.slope ?? {}) as { along_deg?: number; across_deg?: number };
  const green = (shot.green ?? {}) as { slope_deg?: number };
  const wind = shot.wind as { speed_mps: number; from_deg?: number } | undefined;
  const parts: (string | null | undefined)[] = [];
  const say = (value: string | null, words: (said: string) => string): void => {
    if (value !== null) parts.push(words(value));
  };
  say(saidLength(shot, 'pin'), (said) => `${said} to the flag`);
  if (LIES.includes(shot.lie as Lie)) parts.push(keyOf(LIE_SAID, shot.lie as Lie));
  if (typeof shot.burial_mm === 'number') parts.push(`${shot.burial_mm} mm under`);
  if (sand.preset) parts.push(`${keyOf(SAND_SAID, sand.preset)} sand`);
  say(saidLength(shot.sand as object, 'depth'), (said) => `${said} deep`);
  if (sand.crust) parts.push('dry crust over wet');
  if (slope.along_deg) {
    parts.push(`${slope.along_deg > 0 ? 'up' : 'down'} ${Math.abs(slope.along_deg)}`);
  }
  if (slope.across_deg) {
    parts.push(`ball ${slope.across_deg > 0 ? 'above' : 'below'} ${Math.abs(slope.across_deg)}`);
  }
  const height = saidLength(lip, 'height');
  const distance = saidLength(lip, 'distance');
  if (height && distance) parts.push(`lip ${height} at ${distance}`);
  say(saidLength(shot, 'edge'), (said) => `green at ${said}`);
  say(saidLength(shot, 'back'), (said) => `back ${said}`);
  say(saidLength(green, 'stimp'), (said) => `runs ${said.split(' ')[0]}`);
  if (green.slope_deg) {
    parts.push(`${green.slope_deg > 0 ? 'uphill' : 'downhill'} ${Math.abs(green.slope_deg)}`);
  }
  if (typeof shot.beyond === 'string') {
    parts.push(`${keyOf(BEYOND_SAID, shot.beyond as Beyond)} behind`);
  }
  say(saidLength(shot, 'carry'), (said) => `land it at ${said}`);
  say(saidLength(shot, 'clear'), (said) => `carry ${said}`);
  if (wind) {
    const from = keyOf(WIND_SAID, wind.from_deg ?? 0);
    if (from) parts.push(`wind ${wind.speed_mps} m/s ${from}`);
  }
  return parts.filter((part) => part).join(', ');
}
