import type { ShotInput } from '@/core/contract/shot/shot';
import { fromMetres, LENGTH_UNITS, toMetres, type LengthUnit } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { fromMps, speedUnit } from '@/core/ground/units/speed';
import type { UnitSystem } from '@/core/ground/units/system';
import { t } from '@/core/tell/language/t';
import { told } from '@/core/tell/language/told';
import type { Lie } from '@/core/ground/sand/lie';
import type { SandPreset } from '@/core/ground/sand/presets';
import type { Green } from '@/core/ground/situation/green';
import { BEYOND_WORDS } from '../words/situation';

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

/* Each word as the rules read it first. */

const LIES: Record<Lie, string> = told({
  clean: 'lying clean',
  'sitting-down': 'sitting down',
  'fried-egg': 'fried egg',
  plugged: 'plugged',
  buried: 'buried',
});

const SANDS: Record<SandPreset, string> = told({
  powder: 'powdery sand',
  soft: 'soft sand',
  medium: 'medium sand',
  firm: 'firm sand',
  wet: 'wet packed sand',
  hardpan: 'hardpan sand',
});

const GREENS: Record<Green['firmness'], string> = told({
  soft: 'soft green',
  medium: 'medium green',
  firm: 'firm green',
});

const WINDS: Readonly<Record<number, string>> = told({
  0: 'against',
  45: 'against from the right',
  90: 'from the right',
  135: 'behind from the right',
  180: 'behind',
  225: 'behind from the left',
  270: 'from the left',
  315: 'against from the left',
});

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
  say(saidLength(shot, 'pin', ground), (said) => t('{said} to the flag', { said }));
  if (shot.lie) parts.push(LIES[shot.lie]);
  if (shot.burial_mm !== undefined) parts.push(t('{mm} mm under', { mm: shot.burial_mm }));
  if (sand.preset) parts.push(SANDS[sand.preset]);
  if (sand.firmness !== undefined)
    parts.push(t('firmness {firmness}', { firmness: sand.firmness }));
  if (sand.moisture !== undefined) parts.push(t('wetness {moisture}', { moisture: sand.moisture }));
  if (sand.density_kgm3 !== undefined)
    parts.push(t('density {density}', { density: sand.density_kgm3 }));
  say(saidLength(sand, 'depth'), (said) => t('{low} deep', { low: said }));
  if (sand.crust) parts.push(t('dry crust over wet'));
  if (slope.along_deg) {
    const deg = Math.abs(slope.along_deg);
    parts.push(slope.along_deg > 0 ? t('up {deg}', { deg }) : t('down {deg}', { deg }));
  }
  if (slope.across_deg) {
    const deg = Math.abs(slope.across_deg);
    parts.push(
      slope.across_deg > 0 ? t('ball above {deg}', { deg }) : t('ball below {deg}', { deg }),
    );
  }
  const height = saidLength(lip, 'height', upright);
  const distance = saidLength(lip, 'distance', upright);
  if (height && distance) parts.push(t('lip {height} at {distance}', { height, distance }));
  say(saidLength(shot, 'edge', ground), (said) => t('green at {said}', { said }));
  say(saidLength(shot, 'back', ground), (said) => t('back {said}', { said }));
  say(saidLength(green, 'stimp'), (said) => t('runs {stimp}', { stimp: said.split(' ')[0]! }));
  if (green.slope_deg) {
    const deg = Math.abs(green.slope_deg);
    parts.push(green.slope_deg > 0 ? t('uphill {deg}', { deg }) : t('downhill {deg}', { deg }));
  }
  if (green.firmness) parts.push(GREENS[green.firmness]);
  if (shot.beyond) parts.push(BEYOND_WORDS[shot.beyond]);
  say(saidLength(shot, 'carry', ground), (said) => t('land it at {carry}', { carry: said }));
  say(saidLength(shot, 'clear', ground), (said) => t('carry {clear}', { clear: said }));
  if (wind) {
    const from = WINDS[wind.from_deg ?? 0];
    const unit = speedUnit(units ?? 'metres');
    const speed = unit === 'm/s' ? wind.speed_mps : plainNumber(fromMps(wind.speed_mps, unit));
    if (from) parts.push(t('wind {speed} {unit} {from}', { speed, unit, from }));
  }
  return parts.filter((part) => part).join(', ');
}
