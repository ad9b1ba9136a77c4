'use client';

import type { UnitSystem } from '@/core/units/system';
import { ChoiceGroup } from './ChoiceGroup';
import { NumberPanel } from './NumberPanel';
import { WIND_FROM, mph } from './wind';

interface WindPanelProps {
  speedMps: number;
  fromDeg: number;
  units: UnitSystem;
  onWind: (speedMps: number, fromDeg: number) => string | null;
}

/** Speed of the wind and where it comes from. */
export function WindPanel({ speedMps, fromDeg, units, onWind }: WindPanelProps) {
  const metric = units === 'metres';
  const nearest = WIND_FROM.reduce((best, each) =>
    Math.abs(each.deg - fromDeg) < Math.abs(best.deg - fromDeg) ? each : best,
  );
  return (
    <>
      <NumberPanel
        label="Wind"
        unit={metric ? 'm/s' : 'mph'}
        value={metric ? speedMps : mph(speedMps)}
        from={0}
        to={metric ? 15 : 35}
        step={1}
        autoFocus
        onValue={(value) => onWind(metric ? value : value / mph(1), fromDeg)}
      />
      <ChoiceGroup
        label="From"
        columns={2}
        value={nearest.id}
        onValue={(id) => onWind(speedMps || 4, WIND_FROM.find((each) => each.id === id)!.deg)}
        choices={WIND_FROM.map(({ id, name }) => ({ value: id, name }))}
      />
    </>
  );
}
