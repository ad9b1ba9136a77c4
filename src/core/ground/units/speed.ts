import type { UnitSystem } from './system';

/** Metres a second in one of each unit of speed that is said (international mile, 1959; nautical mile, 1929). */
export const MPS_PER = {
  'm/s': 1,
  mph: 0.44704,
  'km/h': 1 / 3.6,
  kn: 1852 / 3600,
} as const;

export type SpeedUnit = keyof typeof MPS_PER;

/**
 * `value` in `unit`, as metres a second.
 *
 * @example
 * toMps(36, 'km/h'); // => 10
 */
export const toMps = (value: number, unit: SpeedUnit): number => value * MPS_PER[unit];

/**
 * Metres a second expressed in `unit`.
 *
 * @example
 * fromMps(10, 'km/h'); // => 36
 */
export const fromMps = (mps: number, unit: SpeedUnit): number => mps / MPS_PER[unit];

/**
 * The unit in which wind and head speed are said.
 *
 * @example
 * speedUnit('metres'); // => 'm/s'
 */
export const speedUnit = (units: UnitSystem): SpeedUnit => (units === 'metres' ? 'm/s' : 'mph');
