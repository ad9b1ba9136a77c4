'use client';

import { t } from '@/core/tell/language/t';
import type { Threshold } from '@/core/ground/measure/measured';
import { fromMetres } from '@/core/ground/units/length';
import { unitFor, type Scale } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { MeasureBox } from '../measure/MeasureBox';
import { Pacing } from '../measure/Pacing';
import { NumberPanel } from '../kit/NumberPanel';
import { useUnits } from '../kit/units';

/** Sets fields of the shot; gives back what is wrong, or null. */
export type SetFields = (changes: Readonly<Record<string, unknown>>) => string | null;

/** A length as the field that says it in the units of the desk, to a tenth. */
export function lengthField(
  path: string,
  metres: number,
  scale: Scale,
  units: UnitSystem,
): Record<string, number> {
  const unit = unitFor(scale, units);
  return { [`${path}_${unit}`]: Math.round(fromMetres(metres, unit) * 10) / 10 };
}

interface LengthPanelProps {
  label: string;
  /** Field without its unit: `pin`, `lip.height`. */
  path: string;
  metres: number;
  scale: Scale;
  /** Of the slider, in the unit of the scale. */
  range: readonly [from: number, to: number, step: number];
  onFields: SetFields;
  autoFocus?: boolean;
}

/** A length of the reading in the units of the desk. */
export function LengthPanel(props: LengthPanelProps) {
  const units = useUnits();
  const { label, path, metres, scale, range, onFields, autoFocus = true } = props;
  const unit = unitFor(scale, units);
  const [from, to, step] = range;
  return (
    <NumberPanel
      key={unit}
      label={label}
      unit={unit}
      value={fromMetres(metres, unit)}
      from={from}
      to={to}
      step={step}
      autoFocus={autoFocus}
      onValue={(value) => onFields({ [`${path}_${unit}`]: value })}
    />
  );
}

interface PacedPanelProps extends Omit<LengthPanelProps, 'scale'> {
  thresholds?: readonly Threshold[] | null | undefined;
}

/** A length on the ground that can be paced too. */
export function PacedPanel({ thresholds, ...panel }: PacedPanelProps) {
  const units = useUnits();
  const { path, onFields } = panel;
  return (
    <>
      <LengthPanel {...panel} scale="ground" />
      <MeasureBox title={t('Pace it out')}>
        <Pacing
          thresholds={thresholds}
          onTake={(metres) => onFields(lengthField(path, metres, 'ground', units))}
        />
      </MeasureBox>
    </>
  );
}
