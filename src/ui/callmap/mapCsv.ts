import Papa from 'papaparse';
import type { MapAxis, MapCell } from '@/core/search/map/callMap';
import type { UnitSystem } from '@/core/ground/units/system';
import { axisValueWords } from './axes';

/** The cells of a map as CSV: a line each, values as said and as SI. */
export function mapCsv(
  cells: readonly MapCell[],
  xAxis: MapAxis,
  yAxis: MapAxis,
  units: UnitSystem,
): string {
  const said = (axis: MapAxis, value: number): string =>
    axisValueWords(axis.factor, value, units).replaceAll('\u00a0', ' ');
  return Papa.unparse(
    cells.map(({ x, y, best, tied, settled }) => ({
      [xAxis.factor]: said(xAxis, x),
      [yAxis.factor]: said(yAxis, y),
      [`${xAxis.factor}_si`]: x.toPrecision(5),
      [`${yAxis.factor}_si`]: y.toPrecision(5),
      club: best?.club ?? '',
      kind: best?.kind ?? '',
      school: best?.school ?? '',
      as_good: tied?.club ?? '',
      looked_at: settled ? 'here' : 'nearest',
    })),
    { escapeFormulae: true },
  );
}
