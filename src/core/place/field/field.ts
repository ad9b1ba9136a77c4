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

/** Each step of the grid is drawn in so many finer ones, and costs are carried so many steps round a place. */
const FINER = 4;
const CARRIED = 0.55;

/** Costs at finer steps over the whole grid: of each place its neighbours' by how near they are, so that lines run smoothly. */
function smoothed(grid: Grid, costs: Costs): { columns: number; rows: number; values: number[] } {
  const known = grid.places.flatMap(({ column, row }, i) => {
    const cost = costs[i];
    return typeof cost === 'number' ? [{ column, row, cost }] : [];
  });
  const columns = grid.columns * FINER;
  const rows = grid.rows * FINER;
  const values = Array.from({ length: rows * columns }, (_, k) => {
    const row = (Math.floor(k / columns) + 0.5) / FINER - 0.5;
    const column = ((k % columns) + 0.5) / FINER - 0.5;
    const away = known.map((place) => (place.row - row) ** 2 + (place.column - column) ** 2);
    const nearest = Math.min(...away);
    let sum = 0;
    let all = 0;
    known.forEach(({ cost }, i) => {
      const weight = Math.exp((nearest - away[i]!) / (2 * CARRIED * CARRIED));
      sum += weight * cost;
      all += weight;
    });
    return sum / all;
  });
  return { columns, rows, values };
}

/**
 * Lines of equal cost over a bunker, to be cut off at its edge; none where nothing has been looked at. By marching squares (W. E. Lorensen
 * and H. E. Cline, SIGGRAPH 1987).
 */
export function costLines(grid: Grid, costs: Costs): CostLine[] {
  const known = costs.filter((cost) => cost !== null);
  if (known.length === 0) return [];
  const { columns, rows, values } = smoothed(grid, costs);
  const lines = contours()
    .size([columns, rows])
    .thresholds(levels(Math.min(...known), Math.max(...known)))(values);
  const place = (at: number, origin: number): number => origin + (at / FINER - 0.5) * grid.step;
  return lines.map(({ value, coordinates }) => ({
    strokes: value,
    rings: coordinates.flatMap((polygon) =>
      polygon.map((ring) =>
        ring.map(([x, y]): Point => [place(x!, grid.origin[0]), place(y!, grid.origin[1])]),
      ),
    ),
  }));
}
