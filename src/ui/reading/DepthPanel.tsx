'use client';

import { fromMetres, toMetres } from '@/core/ground/units/length';
import { depthUnit } from '@/core/ground/units/unitFor';
import { NumberPanel } from '../kit/NumberPanel';
import { useUnits } from '../kit/units';

/** From, to and step of the slider. */
type Range = readonly [from: number, to: number, step: number];

interface DepthPanelProps {
  label: string;
  mm: number | undefined;
  ranges: Readonly<Record<'mm' | 'in', Range>>;
  /** Takes a depth up; gives back what is wrong with it, or null. */
  onMm: (mm: number) => string | null;
  help: string;
}

/** A depth in the sand, kept in millimetres and typed in the reader's units. */
export function DepthPanel({ label, mm, ranges, onMm, help }: DepthPanelProps) {
  const unit = depthUnit(useUnits());
  const [from, to, step] = ranges[unit];
  return (
    <NumberPanel
      label={label}
      unit={unit}
      value={mm === undefined ? undefined : fromMetres(mm / 1000, unit)}
      from={from}
      to={to}
      step={step}
      onValue={(value) => onMm(fromMetres(toMetres(value, unit), 'mm'))}
      help={help}
    />
  );
}
