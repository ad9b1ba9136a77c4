import { FACTOR, type FactorName } from '../changes/factors';
import { sameOrNone } from '../calls/call';
import { callingLeaders, tiedWith, type Leader } from '../calls/leaders';
import type { Question } from '../calls/question';

/** One axis of a call map. */
export interface MapAxis {
  factor: FactorName;
  low: number;
  high: number;
  cells: number;
}

/** What is called in one place of a map. */
export interface MapCell {
  x: number;
  y: number;
  /** The call there; null when nothing gets out at the flag. */
  best: Leader | null;
  /** Another club that is as good there; null when the call stands alone. */
  tied: Leader | null;
  /** True where the place itself was looked at: then it is what the desk calls there. Else it is taken from the nearest that was. */
  settled: boolean;
}

/** A place in a map: row from below and column. */
export type MapPlace = readonly [row: number, column: number];

/** A map as far as it has been looked at: rows from below, undefined where not. */
export type Looks = readonly (readonly (MapCell | undefined)[])[];

/** Middle of cell `i` of an axis. */
export const cellValue = (axis: MapAxis, i: number): number =>
  axis.low + ((i + 0.5) * (axis.high - axis.low)) / axis.cells;

/**
 * Looks at a place of a map: by the full search, so that it says what the desk says there. Yields now and then, so that whoever
 * runs it may do something else, or stop.
 *
 * @throws RangeError when the two axes move the same factor, or the map has no such place
 */
export function* lookingAt(
  question: Question,
  xAxis: MapAxis,
  yAxis: MapAxis,
  [j, i]: MapPlace,
): Generator<void, MapCell> {
  if (xAxis.factor === yAxis.factor) throw new RangeError('axes: two different factors are needed');
  if (!(i >= 0 && i < xAxis.cells && j >= 0 && j < yAxis.cells)) {
    throw new RangeError(`lookingAt: there is no cell ${i} in row ${j}`);
  }
  const x = cellValue(xAxis, i);
  const y = cellValue(yAxis, j);
  const shot = FACTOR[yAxis.factor].set(FACTOR[xAxis.factor].set(question.shot, x), y);
  const all = yield* callingLeaders({ ...question, shot });
  return { x, y, best: all[0] ?? null, tied: tiedWith(all), settled: true };
}

/** How many cells apart the first looks are. */
const APART = 3;

/** How often a whole number can be halved; that of 0 is as good as any. */
const halvings = (n: number): number => (n === 0 ? Infinity : Math.log2(n & -n));

/**
 * Where a map is looked at first: every third cell of every third row, the edges included; those far apart first, so that the whole
 * map is seen coarsely at once.
 */
export function firstLooks(columns: number, rows: number): MapPlace[] {
  const along = (cells: number): number[] => {
    const last = cells - 1;
    const steps = Math.ceil(last / APART);
    return Array.from({ length: steps + 1 }, (_, k) => Math.round((k * last) / (steps || 1)));
  };
  const across = along(columns);
  return along(rows)
    .flatMap((j, b) => across.map((i, a) => ({ place: [j, i] as const, level: halvings(a | b) })))
    .sort((one, other) => (one.level === other.level ? 0 : other.level - one.level))
    .map(({ place }) => place);
}

const BESIDE = [
  [0, -1],
  [0, 1],
  [-1, 0],
  [1, 0],
] as const;

/** The cells beside one. */
function* beside<T>(rows: readonly (readonly T[])[], [j, i]: MapPlace): Generator<T> {
  for (const [up, across] of BESIDE) {
    const cell = rows[j + up]?.[i + across];
    if (cell !== undefined) yield cell;
  }
}

/**
 * The whole map: what was looked at, and every other cell with the call of the nearest that was, by steps across and up.
 *
 * @param looks at least one of them
 * @throws RangeError when nothing was looked at yet
 */
export function filledMap(looks: Looks, xAxis: MapAxis, yAxis: MapAxis): MapCell[][] {
  const filled: (MapCell | undefined)[][] = looks.map((row) => [...row]);
  let open = filled.flatMap((row, j) =>
    row.flatMap((cell, i): MapPlace[] => (cell ? [] : [[j, i]])),
  );
  while (open.length > 0) {
    const reached = open.flatMap((place) => {
      const [donor] = beside(filled, place);
      return donor ? [{ place, donor }] : [];
    });
    if (reached.length === 0) throw new RangeError('filledMap: nothing was looked at yet');
    for (const { place, donor } of reached) {
      const [j, i] = place;
      const at = { x: cellValue(xAxis, i), y: cellValue(yAxis, j) };
      filled[j]![i] = { ...donor, ...at, settled: false };
    }
    open = open.filter(([j, i]) => !filled[j]![i]);
  }
  return filled as MapCell[][];
}

/** Where a filled map is worth another look: at the cells that were not looked at and lie beside another call. */
export function openPlaces(filled: readonly (readonly MapCell[])[]): MapPlace[] {
  return restOf(filled).filter(([j, i]) =>
    [...beside(filled, [j, i])].some((cell) => !sameOrNone(cell.best, filled[j]![i]!.best)),
  );
}

/** The cells of a filled map that were not looked at. */
export const restOf = (filled: readonly (readonly MapCell[])[]): MapPlace[] =>
  filled.flatMap((row, j) =>
    row.flatMap(({ settled }, i): MapPlace[] => (settled ? [] : [[j, i]])),
  );
