import { samplerOf } from '@/core/ground/numeric/sampling';
import { dropDepth } from './probe';
import { DROPS_FORMAT, SIGHTING_FORMAT, type Measure } from './sighting';
import { shapeAbout, type ShapeName } from './shapes';
import { sandOfFirmness } from '@/core/ground/sand/sandOf';
import { bearingOf } from '../outline/direction';

/** What a coach sights who stands before a made-up bunker: where it lies from there, its lip, and its sand. */
export interface Sighting {
  shape: ShapeName;
  /** Middle of the bunker from where the coach stands, m to the east and north. */
  middle: [number, number];
  /** Lowest and highest lip, m. */
  lip: readonly [number, number];
  firmness: number;
  seed: number;
}

/** Errors of the readings, as makers of such devices give them. */
const RANGE = 0.15;
const BEARING = 0.5;
const TILT = 0.1;

/** How drops of a rod in the same sand differ, as a share. */
const DROPS = 0.06;

const DROP_COUNT = 5;

const to = (value: number, decimals: number): number => Number(value.toFixed(decimals));

/**
 * The stand-in for a rangefinder with a tilt and a rod that is dropped: what both would send of a made-up bunker, corner by corner with the
 * lip above each, then drops in its sand.
 *
 * @param id gives each line its own
 */
export function simulatedSurvey(
  { shape, middle, lip, firmness, seed }: Sighting,
  id: () => string,
): Measure[] {
  const draws = samplerOf(seed);
  const corners = shapeAbout(shape, middle);
  const sighted = corners.flatMap((corner, i) => {
    const level = Math.hypot(...corner);
    const [low, high] = lip;
    const height = low + ((high - low) * (1 + Math.cos((2 * Math.PI * i) / corners.length))) / 2;
    return (['corner', 'lip'] as const).map((at): Measure => {
      const up = at === 'lip' ? height : 0;
      const distance = Math.hypot(level, up) + draws.normal(0, RANGE);
      const slope = (Math.atan2(up, level) * 180) / Math.PI + draws.normal(0, TILT);
      const bearing = (bearingOf([0, 0], corner) + draws.normal(0, BEARING) + 360) % 360;
      return {
        format: SIGHTING_FORMAT,
        version: 1,
        id: id(),
        at,
        distance_m: to(distance, 2),
        bearing_deg: to(bearing, 2),
        slope_deg: to(slope, 2),
      };
    });
  });
  const depth = dropDepth(sandOfFirmness(firmness)) * 1000;
  const depths = Array.from({ length: DROP_COUNT }, () => to(depth * draws.normal(1, DROPS), 0));
  return [...sighted, { format: DROPS_FORMAT, version: 1, id: id(), depths_mm: depths }];
}
