import type { Point } from '../outline/ring';

/** Outlines that a coach begins with and drags into shape, about their middle, m. */
export const SHAPE_NAMES = ['round', 'long', 'kidney', 'cloverleaf', 'pot'] as const;

export type ShapeName = (typeof SHAPE_NAMES)[number];

/** Corners of every one of them. */
const CORNERS = 10;

/** How far each reaches in a direction, and how its middle line bends: half lengths east and north, m. */
const SHAPES: Record<ShapeName, (at: number) => Point> = {
  round: (at) => [5 * Math.cos(at), 5 * Math.sin(at)],
  long: (at) => [8 * Math.cos(at), 3.2 * Math.sin(at)],
  kidney: (at) => [7 * Math.cos(at), 3.8 * Math.sin(at) + 2.2 * Math.cos(at) ** 2 - 1.1],
  cloverleaf: (at) => {
    const reach = 5.2 + 1.4 * Math.cos(3 * at);
    return [reach * Math.cos(at), reach * Math.sin(at)];
  },
  pot: (at) => [2.2 * Math.cos(at), 2.2 * Math.sin(at)],
};

/**
 * The corners of a usual shape about a point.
 *
 * @example
 * shapeAbout('round', [0, 0]).length; // => 10
 */
export const shapeAbout = (shape: ShapeName, [x, y]: Point): Point[] =>
  Array.from({ length: CORNERS }, (_, i) => {
    const [east, north] = SHAPES[shape]((2 * Math.PI * i) / CORNERS);
    return [x + east, y + north];
  });
