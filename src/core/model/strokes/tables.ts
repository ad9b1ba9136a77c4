/**
 * Average strokes to hole out of the best professionals by distance: putting (feet) and off the green (yards),
 * from M. Broadie, "Assessing golfer performance on the PGA TOUR", Interfaces 42 (2012), and the tables of his
 * book of 2014. Below the shortest published distance each row is carried to a chosen value at zero.
 */
export const PUTTS_BY_FEET: readonly (readonly [number, number])[] = [
  [0, 1],
  [2, 1.01],
  [3, 1.04],
  [4, 1.13],
  [5, 1.23],
  [6, 1.34],
  [8, 1.5],
  [10, 1.61],
  [15, 1.78],
  [20, 1.87],
  [30, 1.98],
  [40, 2.06],
  [60, 2.21],
  [90, 2.4],
  [150, 2.75],
];

/**
 * Share of putts that the same players hole by distance (feet), same sources. With the strokes above it gives the share of
 * three-putts, strokes - 2 + holed: 0.02 from 20 feet, 0.10 from 40.
 */
export const HOLED_BY_FEET: readonly (readonly [number, number])[] = [
  [0, 1],
  [2, 0.99],
  [3, 0.96],
  [4, 0.88],
  [5, 0.77],
  [6, 0.66],
  [8, 0.5],
  [10, 0.4],
  [15, 0.23],
  [20, 0.15],
  [30, 0.07],
  [40, 0.04],
  [60, 0.02],
  [90, 0.01],
  [150, 0.005],
];

export const FAIRWAY_BY_YARDS: readonly (readonly [number, number])[] = [
  [0, 1.9],
  [10, 2.18],
  [20, 2.4],
  [30, 2.52],
  [40, 2.6],
  [60, 2.7],
  [80, 2.75],
  [100, 2.8],
  [200, 3.19],
];

export const ROUGH_BY_YARDS: readonly (readonly [number, number])[] = [
  [0, 2.1],
  [10, 2.34],
  [20, 2.59],
  [30, 2.7],
  [40, 2.78],
  [60, 2.91],
  [80, 2.96],
  [100, 3.02],
  [200, 3.42],
];

export const SAND_BY_YARDS: readonly (readonly [number, number])[] = [
  [0, 2.35],
  [10, 2.43],
  [20, 2.53],
  [30, 2.66],
  [40, 2.82],
  [50, 2.92],
  [60, 3.15],
  [80, 3.24],
  [100, 3.23],
  [200, 3.55],
];

/**
 * Straight-line reading of a table of (distance, strokes) with rising distances; level beyond its ends.
 *
 * @example
 * readTable([[0, 1], [10, 2]], 5); // => 1.5
 */
export function readTable(table: readonly (readonly [number, number])[], at: number): number {
  if (at <= table[0]![0]) return table[0]![1];
  for (let i = 1; i < table.length; i++) {
    const [x1, y1] = table[i]!;
    if (at <= x1) {
      const [x0, y0] = table[i - 1]!;
      return y0 + ((y1 - y0) * (at - x0)) / (x1 - x0);
    }
  }
  return table[table.length - 1]![1];
}
