import type { NewBunker } from '../record/edit';
import { apart, type Point, type Ring } from '../outline/ring';
import type { Sighted } from './sighting';

/** A lip is sighted above the corner that it stands over, so far off it at most, m. */
const OVER = 1.5;

/**
 * The outline that sightings of corners make, in their order, with the lips that were sighted above them.
 *
 * @param stand where the coach stood
 * @returns null while fewer than three corners were sighted
 */
export function bunkerFromSightings(
  sightings: readonly Sighted[],
  stand: Point,
): { ring: Ring; also: NewBunker } | null {
  const corners = sightings.filter(({ at }) => at === 'corner');
  if (corners.length < 3) return null;
  const lips = sightings.filter(({ at }) => at === 'lip');
  const ring = corners.map(({ point: [x, y] }): Point => [x + stand[0], y + stand[1]]);
  const mean = (values: readonly number[]): number =>
    values.reduce((sum, value) => sum + value, 0) / values.length;
  const over = corners.map((corner) => {
    const [nearest] = lips
      .map((lip) => ({ lip, away: apart(lip.point, corner.point) }))
      .filter(({ away }) => away < OVER)
      .sort((a, b) => a.away - b.away);
    return nearest ? Math.max(0, nearest.lip.up - corner.up) : null;
  });
  const up = [...corners, ...lips].map(({ upSpread }) => upSpread);
  return {
    ring,
    also: {
      lips: over,
      measured: {
        how: 'rangefinder',
        spread_m: Math.round(mean(corners.map(({ spread }) => spread)) * 100) / 100,
        lip_spread_m: Math.round(Math.SQRT2 * mean(up) * 100) / 100,
      },
    },
  };
}
