'use client';

import { t } from '@/core/tell/language/t';
import { fromMps, speedUnit, toMps } from '@/core/ground/units/speed';
import { ChoiceGroup } from '../kit/ChoiceGroup';
import { NumberPanel } from '../kit/NumberPanel';
import { WIND_FROM, windFrom } from './wind';
import { useUnits } from '../kit/units';

interface WindPanelProps {
  speedMps: number;
  fromDeg: number;
  onWind: (speedMps: number, fromDeg: number) => string | null;
}

/** Speed of the wind and where it comes from. */
export function WindPanel({ speedMps, fromDeg, onWind }: WindPanelProps) {
  const units = useUnits();
  const unit = speedUnit(units);
  return (
    <>
      <NumberPanel
        label={t('Wind')}
        unit={unit}
        value={Math.round(fromMps(speedMps, unit) * 10) / 10}
        from={0}
        to={unit === 'm/s' ? 15 : 35}
        step={1}
        autoFocus
        onValue={(value) => onWind(Math.round(toMps(value, unit) * 100) / 100, fromDeg)}
      />
      <ChoiceGroup
        label={t('From')}
        columns={2}
        value={windFrom(fromDeg).id}
        onValue={(id) => onWind(speedMps || 4, WIND_FROM.find((each) => each.id === id)!.deg)}
        choices={WIND_FROM.map(({ id, name }) => ({ value: id, name }))}
      />
    </>
  );
}
