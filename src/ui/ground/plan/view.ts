import type { Point } from '@/core/place/outline/ring';

/** What of the ground is seen: the point in the middle, and how large a metre is, px. */
export interface PlanView {
  middle: Point;
  perMetre: number;
}

/** Ground to the drawing and back; north is up. */
export interface PlanScale {
  x: (east: number) => number;
  y: (north: number) => number;
  /** The ground under a place of the drawing. */
  under: (px: number, py: number) => Point;
  perMetre: number;
}

interface Size {
  width: number;
  height: number;
}

export function planScale({ width, height }: Size, { middle, perMetre }: PlanView): PlanScale {
  const [east, north] = middle;
  return {
    x: (at) => width / 2 + (at - east) * perMetre,
    y: (at) => height / 2 - (at - north) * perMetre,
    under: (px, py) => [east + (px - width / 2) / perMetre, north - (py - height / 2) / perMetre],
    perMetre,
  };
}

/** Least and most that a metre may be, px. */
const SIZES = [0.5, 120] as const;

/** Ground that is left about what is to be seen, m. */
const MARGIN = 3;

/** An empty place shows so much ground, m. */
const EMPTY = 40;

/** The view in which all of some points are seen. */
export function fitting(points: readonly Point[], { width, height }: Size): PlanView {
  if (points.length === 0) {
    return { middle: [0, 0], perMetre: Math.min(width, height) / EMPTY };
  }
  const span = (axis: 0 | 1): [number, number] => {
    const along = points.map((point) => point[axis]);
    return [Math.min(...along) - MARGIN, Math.max(...along) + MARGIN];
  };
  const [west, east] = span(0);
  const [south, north] = span(1);
  const perMetre = Math.min(width / (east - west), height / (north - south));
  return {
    middle: [(west + east) / 2, (south + north) / 2],
    perMetre: Math.min(SIZES[1], Math.max(SIZES[0], perMetre)),
  };
}

/** The view nearer by a factor, with a point of the ground kept where it is seen. */
export function zoomed({ middle, perMetre }: PlanView, factor: number, about = middle): PlanView {
  const next = Math.min(SIZES[1], Math.max(SIZES[0], perMetre * factor));
  const share = 1 - perMetre / next;
  return {
    middle: [
      middle[0] + (about[0] - middle[0]) * share,
      middle[1] + (about[1] - middle[1]) * share,
    ],
    perMetre: next,
  };
}

/** A ring as an SVG path. */
export const pathOf = (ring: readonly Point[], { x, y }: PlanScale): string =>
  `${ring.map(([east, north], i) => `${i === 0 ? 'M' : 'L'}${x(east).toFixed(1)} ${y(north).toFixed(1)}`).join('')}Z`;
