import { kinks } from '@turf/kinks';
import { polygonArea, polygonCentroid, polygonContains } from 'd3-polygon';

/* Outlines on the ground, in metres east and north of a place's peg. */

/** A point: metres to the east and to the north. */
export type Point = [east: number, north: number];

/** The corners of an outline in order; the last is joined to the first. */
export type Ring = Point[];

/** The area within an outline, m². */
export const areaOf = (ring: Ring): number => Math.abs(polygonArea(ring));

/** The middle of an outline's area. */
export const middleOf = (ring: Ring): Point => polygonCentroid(ring);

/** Whether a point lies within an outline. */
export const isInside = (ring: Ring, point: Point): boolean => polygonContains(ring, point);

/** How far two points are apart, m. */
export const apart = ([ax, ay]: Point, [bx, by]: Point): number => Math.hypot(bx - ax, by - ay);

/**
 * Where an outline crosses itself first; null where it does not.
 *
 * @example
 * crossesItself([[0, 0], [2, 2], [2, 0], [0, 2]]); // => [1, 1]
 */
export function crossesItself(ring: Ring): Point | null {
  const [first] = ring;
  if (!first) return null;
  const { features } = kinks({ type: 'Polygon', coordinates: [[...ring, first]] });
  const [at] = features;
  return at ? (at.geometry.coordinates as Point) : null;
}

/** Where a line from a point crosses an outline. */
export interface Crossing {
  /** From the point, m. */
  distance: number;
  /** The corner that the crossed side begins at, and how far along the side it is crossed, 0 to 1. */
  corner: number;
  share: number;
}

/**
 * Where a line from a point crosses an outline, nearest first.
 *
 * @param toward the direction of the line, a unit vector
 * @example
 * crossingsOf([[1, -1], [3, -1], [3, 1], [1, 1]], [0, 0], [1, 0]).map(({ distance }) => distance); // => [1, 3]
 */
export function crossingsOf(ring: Ring, [px, py]: Point, [ux, uy]: Point): Crossing[] {
  const found: Crossing[] = [];
  for (let corner = 0; corner < ring.length; corner++) {
    const [ax, ay] = ring[corner]!;
    const [bx, by] = ring[(corner + 1) % ring.length]!;
    // To the left of the line positive; a corner on it belongs to one of its sides alone.
    const left = ux * (ay - py) - uy * (ax - px);
    const next = ux * (by - py) - uy * (bx - px);
    if (left >= 0 === next >= 0) continue;
    const share = left / (left - next);
    const distance = (ax + share * (bx - ax) - px) * ux + (ay + share * (by - ay) - py) * uy;
    if (distance > 0) found.push({ distance, corner, share });
  }
  return found.sort((a, b) => a.distance - b.distance);
}

/** The nearest point of an outline to a point, and how far that is, m. */
export function nearestOn(ring: Ring, [px, py]: Point): { at: Point; distance: number } {
  let best: { at: Point; distance: number } = { at: ring[0]!, distance: Infinity };
  ring.forEach(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]!;
    const [dx, dy] = [bx - ax, by - ay];
    const length = dx * dx + dy * dy;
    const share =
      length === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * dx + (py - ay) * dy) / length));
    const at: Point = [ax + share * dx, ay + share * dy];
    const distance = apart(at, [px, py]);
    if (distance < best.distance) best = { at, distance };
  });
  return best;
}
