import { degrees, radians } from '@/core/ground/units/angle';
import type { Point } from './ring';

/**
 * The unit vector of a bearing.
 *
 * @param bearing degrees clockwise from north
 * @example
 * towardBearing(90).map(Math.round); // => [1, 0]
 */
export const towardBearing = (bearing: number): Point => [
  Math.sin(radians(bearing)),
  Math.cos(radians(bearing)),
];

/**
 * The bearing from one point to another, degrees clockwise from north, from 0 to under 360.
 *
 * @example
 * bearingOf([0, 0], [-2, 0]); // => 270
 */
export const bearingOf = ([ax, ay]: Point, [bx, by]: Point): number =>
  ((Math.atan2(bx - ax, by - ay) * 180) / Math.PI + 360) % 360;

/** A direction turned clockwise, as seen from above, by radians. */
export const turnedRight = ([ux, uy]: Point, by: number): Point => [
  ux * Math.cos(by) + uy * Math.sin(by),
  uy * Math.cos(by) - ux * Math.sin(by),
];

/** The point so many metres from another. */
export const ahead = ([x, y]: Point, [ux, uy]: Point, distance: number): Point => [
  x + ux * distance,
  y + uy * distance,
];

/**
 * The angle between two directions, degrees from 0 to 180.
 *
 * @example
 * angleBetween([1, 0], [0, 2]); // => 90
 */
export const angleBetween = ([ux, uy]: Point, [vx, vy]: Point): number =>
  Math.abs(degrees(Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy)));

/**
 * How far two turns are apart, degrees from 0 to 180.
 *
 * @param a radians, from whatever direction both are counted
 * @example
 * turnsApart(Math.PI, -Math.PI / 2).toFixed(0); // => '90'
 */
export function turnsApart(a: number, b: number): number {
  const turn = Math.abs(degrees(a - b)) % 360;
  return Math.min(turn, 360 - turn);
}
