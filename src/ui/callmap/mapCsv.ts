import { csvOf } from '@/core/ground/table/csv';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { unitFor, type Scale } from '@/core/ground/units/unitFor';
import { fromMps, speedUnit } from '@/core/ground/units/speed';
import type { UnitSystem } from '@/core/ground/units/system';
import type { FactorName } from '@/core/search/changes/factors';
import type { MapAxis, MapCell } from '@/core/search/map/callMap';

/** A column of a factor: its heading, with the unit, and a value in it. */
type Column = readonly [heading: string, value: number];

const length = (name: string, scale: Scale, metres: number, units: UnitSystem): Column => {
  const unit = unitFor(scale, units);
  return [`${name}_${unit}`, fromMetres(metres, unit)];
};

/** A value of a factor as a column. Wind from behind is positive, firmness goes from 0 to 1. */
function columnOf(factor: FactorName, value: number, units: UnitSystem): Column {
  switch (factor) {
    case 'distance':
      return length('distance', 'ground', value, units);
    case 'lip':
      return length('lip', 'height', value, units);
    case 'lie':
      return length('ball_under', 'short', value, units);
    case 'sand':
      return ['sand_firmness', value];
    case 'slope':
      return ['slope_deg', degrees(value)];
    case 'wind': {
      const unit = speedUnit(units);
      return [`wind_${unit === 'm/s' ? 'mps' : unit}`, fromMps(value, unit)];
    }
  }
}

/** The cells of a map as CSV, a line each, every value in the one unit that its heading names. */
export function mapCsv(
  cells: readonly MapCell[],
  xAxis: MapAxis,
  yAxis: MapAxis,
  units: UnitSystem,
): string {
  const column = ({ factor }: MapAxis, value: number) => {
    const [heading, number] = columnOf(factor, value, units);
    return { [heading]: Number(number.toPrecision(4)) };
  };
  return csvOf(
    cells.map(({ x, y, best, tied, settled }) => ({
      ...column(xAxis, x),
      ...column(yAxis, y),
      club: best?.club ?? '',
      kind: best?.kind ?? '',
      school: best?.school ?? '',
      as_good: tied?.club ?? '',
      looked_at: settled ? 'here' : 'nearest',
    })),
  );
}
