import { csvOf } from '@/core/ground/table/csv';
import type { Place } from '../record/place';

const COLUMNS = [
  'place',
  'bunker',
  'corner',
  'east_m',
  'north_m',
  'lip_m',
  'overhang_m',
  'measured',
  'spread_m',
  'lip_spread_m',
];

/** The corners of all bunkers of a place as CSV, a corner a line, lengths in metres from the peg. */
export const cornersCsv = ({ name, bunkers }: Place): string =>
  csvOf({
    fields: COLUMNS,
    data: bunkers.flatMap(({ name: bunker, outline, measured }) =>
      outline.map(({ x_m, y_m, lip_m, overhang_m = 0 }, i) => [
        name,
        bunker,
        i + 1,
        x_m,
        y_m,
        lip_m,
        overhang_m,
        measured.how,
        measured.spread_m,
        measured.lip_spread_m,
      ]),
    ),
  });
