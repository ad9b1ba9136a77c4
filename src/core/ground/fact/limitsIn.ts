import { fromMetres, type LengthUnit } from '../units/length';
import type { Limits } from './fact';

/**
 * Lengths that are allowed, in metres, as limits in a unit.
 *
 * @example
 * limitsIn([0, 9.144], 'yd'); // => { low: 0, high: 10, unit: 'yd' }
 */
export const limitsIn = ([low, high]: readonly [number, number], unit: LengthUnit): Limits => ({
  low: fromMetres(low, unit),
  high: fromMetres(high, unit),
  unit,
});
