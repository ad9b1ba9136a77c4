import { leaderWords } from '@/core/tell/words/changeWords';
import type { MapCell } from '@/core/search/map/callMap';
import { callKey, shotOf } from '@/core/search/calls/call';
import type { Leader } from '@/core/search/calls/leaders';

/** A call that leads somewhere on the map: its letter, its fill and its hatching. */
export interface LegendEntry {
  key: string;
  words: string;
  letter: string;
  fill: string;
  /** Angle of its hatching, degrees, and distance between the lines; with the letter, so that hue is not needed. */
  angle: number;
  gap: number;
}

/** Fills that hold dark letters in both themes. */
const FILLS = [
  '#b9d7c9',
  '#b6cfe8',
  '#dcc3e3',
  '#e6d9a8',
  '#c6cfc9',
  '#e9c3b4',
  '#b5d9de',
  '#d3d0ea',
];
const ANGLES = [45, 0, 135, 90, 20, 70, 110, 160];

/**
 * The calls of a map, each with a letter and a hatching of its own: those that had one before keep it, then those that are called in
 * most cells first, then those that are only as good.
 */
export function legendOf(
  cells: readonly MapCell[],
  before: readonly LegendEntry[] = [],
): LegendEntry[] {
  const counts = new Map<string, { leader: Leader; cells: number }>();
  const count = (leader: Leader | null, by: number): void => {
    if (!leader) return;
    const entry = counts.get(callKey(leader)) ?? { leader, cells: 0 };
    entry.cells += by;
    counts.set(callKey(leader), entry);
  };
  for (const { best, tied } of cells) {
    count(best, 1);
    count(tied, 0);
  }
  const had = new Set(before.map(({ key }) => key));
  const fresh = [...counts.values()]
    .filter(({ leader }) => !had.has(callKey(leader)))
    .sort((a, b) => b.cells - a.cells)
    .map(({ leader }, k): LegendEntry => {
      const i = before.length + k;
      return {
        key: callKey(leader),
        words: leaderWords({ ...leader, kind: shotOf(leader.kind) }),
        letter: String.fromCharCode(65 + (i % 26)),
        fill: FILLS[i % FILLS.length]!,
        angle: ANGLES[i % ANGLES.length]!,
        gap: 7 + 4 * Math.floor(i / FILLS.length),
      };
    });
  return [...before, ...fresh];
}
