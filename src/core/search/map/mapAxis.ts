import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import type { FactorName } from '../changes/factors';
import type { MapAxis } from './callMap';

/** What each axis spans on a map, SI. */
const SPAN: Record<FactorName, readonly [number, number]> = {
  distance: [toMetres(6, 'yd'), toMetres(56, 'yd')],
  lip: [0, toMetres(9, 'ft')],
  sand: [0, 1],
  lie: [0.002, 0.042],
  slope: [radians(-18), radians(24)],
  wind: [-12, 12],
};

/**
 * A factor as an axis of so many cells.
 *
 * @example
 * mapAxis('sand', 4); // => { factor: 'sand', low: 0, high: 1, cells: 4 }
 */
export const mapAxis = (factor: FactorName, cells: number): MapAxis => ({
  factor,
  low: SPAN[factor][0],
  high: SPAN[factor][1],
  cells,
});
