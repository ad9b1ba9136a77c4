import { FACTOR, type FactorName } from '../changes/factors';
import type { Question } from '../calls/question';
import { callingLeaders, type Leader } from '../calls/leaders';
import { leaders, quickQuestion, sameCall, sameOrNone } from '../changes/quick';

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
  /** True once the full search has looked at it: then it is what the desk calls there. A glance before. */
  settled?: boolean;
}

/** Who leads, and by how much over the next club or kind. */
function ledBy(all: readonly Leader[]): Pick<MapCell, 'best' | 'margin'> {
  const [best] = all;
  const next = best && all.find((leader) => !sameCall(leader, best));
  return { best: best ?? null, margin: best && next ? next.cost - best.cost : 0 };
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
    yield { x, y, ...ledBy(leaders(quick, shot)) };
  }
}

/** {@link mapCells}, all of them. */
export const mapRow = (...asked: Parameters<typeof mapCells>): MapCell[] => [...mapCells(...asked)];

/** A glance is seldom wrong by more than this, strokes. */
const DOUBT = 0.05;

/** A place in a map: row from below and column. */
export type MapPlace = readonly [row: number, column: number];

/** The cells that a glance may be wrong about, from below: those where another call is close, and those beside another call. */
export function doubtfulCells(rows: readonly (readonly MapCell[])[]): MapPlace[] {
  const others = (j: number, i: number, best: Leader | null): boolean => {
    const beside = rows[j]?.[i];
    return beside !== undefined && !sameOrNone(beside.best, best);
  };
  return rows.flatMap((row, j) =>
    row.flatMap(({ best, margin }, i): MapPlace[] =>
      margin < DOUBT ||
      others(j - 1, i, best) ||
      others(j + 1, i, best) ||
      others(j, i - 1, best) ||
      others(j, i + 1, best)
        ? [[j, i]]
        : [],
    ),
  );
}

/** A cell as the desk calls it: by the full search. */
export function* settlingCell(
  question: Question,
  xAxis: MapAxis,
  yAxis: MapAxis,
  [j, i]: MapPlace,
): Generator<void, MapCell> {
  const x = cellValue(xAxis, i);
  const y = cellValue(yAxis, j);
  const shot = FACTOR[yAxis.factor].set(FACTOR[xAxis.factor].set(question.shot, x), y);
  const all = yield* callingLeaders({ ...question, shot });
  return { x, y, ...ledBy(all), settled: true };
}
