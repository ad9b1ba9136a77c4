import { FACTOR, type FactorName } from '../changes/factors';
import type { Question } from '../calls/prescribe';
import { quickQuestion } from '../changes/changes';
import { leaders, type Leader } from '../changes/quick';

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
 * The best call over a grid of two factors, a row at a time from the lowest y, so that a worker can show progress and
 * stop between rows.
 *
 * @throws RangeError when the two axes move the same factor or an axis has no cells
 */
export function* callMap(question: Question, xAxis: MapAxis, yAxis: MapAxis): Generator<MapCell[]> {
  if (xAxis.factor === yAxis.factor) throw new RangeError('axes: two different factors are needed');
  if (xAxis.cells < 1 || yAxis.cells < 1) throw new RangeError('axes: at least one cell each');
  const quick = quickQuestion(question);
  for (let j = 0; j < yAxis.cells; j++) {
    const y = cellValue(yAxis, j);
    const row: MapCell[] = [];
    for (let i = 0; i < xAxis.cells; i++) {
      const x = cellValue(xAxis, i);
      const shot = FACTOR[yAxis.factor].set(FACTOR[xAxis.factor].set(question.shot, x), y);
      const [best, next] = leaders(quick, shot);
      row.push({ x, y, best: best ?? null, margin: best && next ? next.score - best.score : 0 });
    }
    yield row;
  }
}
