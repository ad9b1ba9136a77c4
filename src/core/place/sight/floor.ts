import { leastSquares } from '@/core/ground/numeric/leastSquares';
import { radians } from '@/core/ground/units/angle';
import { towardBearing } from '../outline/direction';
import type { Point } from '../outline/ring';
import type { Bunker } from '../record/place';

/** The floor of a bunker at a point: its height, m above any one level, and how it rises to the east and to the north. */
export interface FloorAt {
  height: number;
  rise: Point;
}

/** How far from a spot its height is felt, m: bunker floors turn over a few paces. Tuned to look like what was measured. */
const FELT = 2.5;

/** What a spot far away still counts, so that a place that none is near to has the tilt of all of them. */
const ALL = 0.02;

const RIDGE = 1e-6;

/** Fewer spots than this are no plane. */
const LEAST_SPOTS = 3;

/**
 * The floor of a bunker at a point: a plane through its spots, near ones first (W. S. Cleveland, JASA 74, 1979), or its one tilt.
 *
 * @example
 * floorAt({ floor: { tilt_deg: 45, uphill_deg: 90 }, spots: [] }, [2, 7]).height.toFixed(3); // => '2.000'
 */
export function floorAt({ floor, spots }: Pick<Bunker, 'floor' | 'spots'>, [x, y]: Point): FloorAt {
  if (spots.length >= LEAST_SPOTS) {
    const rows = spots.map(({ x_m, y_m }) => [x_m - x, y_m - y]);
    const weights = rows.map(([dx, dy]) => {
      const away = (dx! * dx! + dy! * dy!) / (FELT * FELT);
      return Math.exp(-away / 2) + ALL;
    });
    const [line] = leastSquares(
      rows,
      spots.map(({ z_m }) => [z_m]),
      weights,
      RIDGE,
    );
    const [height, east, north] = line as [number, number, number];
    return { height, rise: [east, north] };
  }
  const steep = Math.tan(radians(floor.tilt_deg));
  const [ux, uy] = towardBearing(floor.uphill_deg);
  const rise: Point = [ux * steep, uy * steep];
  return { height: x * rise[0] + y * rise[1], rise };
}
