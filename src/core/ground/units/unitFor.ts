import type { LengthUnit } from './length';
import type { UnitSystem } from './system';

/** What a length is for, which settles the unit it is said in. */
export type Scale = 'ground' | 'height' | 'short';

/**
 * Unit of a length on the ground (yards or metres), of a height (feet or metres) or at the ball (inches or centimetres).
 *
 * @example
 * unitFor('height', 'yards'); // => 'ft'
 */
export function unitFor(scale: Scale, system: UnitSystem): LengthUnit {
  if (scale === 'short') return system === 'metres' ? 'cm' : 'in';
  if (system === 'metres') return 'm';
  return scale === 'ground' ? 'yd' : 'ft';
}

/** The unit in which the depth of something in the sand is typed. */
export const depthUnit = (system: UnitSystem): 'mm' | 'in' => (system === 'metres' ? 'mm' : 'in');
