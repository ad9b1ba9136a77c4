import { contours } from 'd3-contour';
import type { Point } from '../outline/ring';
import { restsAt, type Grid } from './grid';

/** What a place costs, strokes to hole out; null where it has not been looked at. */
export type Costs = readonly (number | null)[];

/** What a visit to a bunker costs. */
export interface Visit {
  /** On the mean over where balls come to rest, strokes. */
  mean: number;
  /** The cheapest and the dearest place. */
  least: number;
  most: number;
  /** The dearest place. */
  worstAt: Point;
  /** How many places this rests on. */
  places: number;
}

/** What a visit costs on the mean over the places that have been looked at; null where none has. */
export function visitOf(grid: Grid, costs: Costs, rests: readonly Point[]): Visit | null {
  const known = grid.places.flatMap(({ at }, i) => {
    const cost = costs[i];
    return typeof cost !== 'number' ? [] : [{ at, cost, weight: restsAt(rests, at) }];
  });
  const [first] = known;
  if (!first) return null;
  const all = known.reduce((sum, { weight }) => sum + weight, 0);
  const worst = known.reduce((a, b) => (b.cost > a.cost ? b : a));
  return {
    mean: known.reduce((sum, { cost, weight }) => sum + cost * weight, 0) / all,
    least: Math.min(...known.map(({ cost }) => cost)),
    most: worst.cost,
    worstAt: worst.at,
    places: known.length,
  };
}

/** A line on which a ball costs the same; its rings are in metres east and north. */
export interface CostLine {
  strokes: number;
  rings: Point[][];
}

/** Lines stand this far apart, the nearest of those that gives at most so many. */
const APART = [0.1, 0.2, 0.25, 0.5, 1] as const;
const MOST_LINES = 7;

/** Where the lines lie, strokes. */
function levels(least: number, most: number): number[] {
  const apart = APART.find((each) => (most - least) / each <= MOST_LINES) ?? APART.at(-1)!;
  const first = Math.ceil(least / apart + 1e-9);
  const count = Math.max(0, Math.floor(most / apart - 1e-9) - first + 1);
  return Array.from({ length: count }, (_, i) => Math.round((first + i) * apart * 100) / 100);
}

/** The cost of the nearest place that was looked at, for each place of the grid whether in the sand or not. */
function filled(grid: Grid, costs: Costs): number[] {
  const known = grid.places.filter((_, i) => typeof costs[i] === 'number');
  const cost = new Map(grid.places.map((place, i) => [place, costs[i] ?? 0]));
  return Array.from({ length: grid.rows * grid.columns }, (_, k) => {
    const row = Math.floor(k / grid.columns);
    const column = k % grid.columns;
    let nearest = known[0]!;
    let least = Infinity;
    for (const place of known) {
      const far = (place.row - row) ** 2 + (place.column - column) ** 2;
      if (far < least) [nearest, least] = [place, far];
    }
    return cost.get(nearest)!;
  });
}

/**
 * Lines of equal cost over a bunker, to be cut off at its edge; none where nothing has been looked at. By marching squares (W. E. Lorensen
 * and H. E. Cline, SIGGRAPH 1987).
 */
export function costLines(grid: Grid, costs: Costs): CostLine[] {
  const known = costs.filter((cost) => cost !== null);
  if (known.length === 0) return [];
  const lines = contours()
    .size([grid.columns, grid.rows])
    .thresholds(levels(Math.min(...known), Math.max(...known)))(filled(grid, costs));
  return lines.map(({ value, coordinates }) => ({
    strokes: value,
    rings: coordinates.flatMap((polygon) =>
      polygon.map((ring) =>
        ring.map(([x, y]): Point => [
          grid.origin[0] + (x! - 0.5) * grid.step,
          grid.origin[1] + (y! - 0.5) * grid.step,
        ]),
      ),
    ),
  }));
}
