import { FACTOR, type FactorName } from '../changes/factors';
import type { Question } from '../calls/question';
import { quickQuestion, leaders } from '../changes/quick';
import type { Leader } from '../calls/part';

/** One axis of a call map. */
export interface MapAxis {
  factor: FactorName;
  low: number;
  high: number;
  cells: number;
}

/** One cell: who leads there and by how much over the next club or kind; null when nothing gets out. */
export interface MapCell {
  x: number;
  y: number;
  best: Leader | null;
  margin: number;
}

/** Middle of cell `i` of an axis. */
export const cellValue = (axis: MapAxis, i: number): number =>
  axis.low + ((i + 0.5) * (axis.high - axis.low)) / axis.cells;

/**
 * The cells of one row of the best calls over a grid of two factors, from the lowest x: rows can be worked out side by side, and
 * left between two cells.
 *
 * @param j which row, from the lowest y
 * @throws RangeError when the two axes move the same factor, an axis has no cells, or there is no such row
 */
export function* mapCells(
  question: Question,
  xAxis: MapAxis,
  yAxis: MapAxis,
  j: number,
): Generator<MapCell> {
  if (xAxis.factor === yAxis.factor) throw new RangeError('axes: two different factors are needed');
  if (xAxis.cells < 1 || yAxis.cells < 1) throw new RangeError('axes: at least one cell each');
  if (!(j >= 0 && j < yAxis.cells)) throw new RangeError(`mapCells: there is no row ${j}`);
  const quick = quickQuestion(question);
  const y = cellValue(yAxis, j);
  for (let i = 0; i < xAxis.cells; i++) {
    const x = cellValue(xAxis, i);
    const shot = FACTOR[yAxis.factor].set(FACTOR[xAxis.factor].set(question.shot, x), y);
    const [best, next] = leaders(quick, shot);
    yield { x, y, best: best ?? null, margin: best && next ? next.cost - best.cost : 0 };
  }
}

/** {@link mapCells}, all of them. */
export const mapRow = (...asked: Parameters<typeof mapCells>): MapCell[] => [...mapCells(...asked)];
