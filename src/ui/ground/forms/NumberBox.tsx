'use client';

import { t } from '@/core/tell/language/t';
import { useId, useState } from 'react';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber, sayLimits } from '@/core/tell/language/say';
import { unitFor, type Scale } from '@/core/ground/units/unitFor';
import { numberOf } from '../../kit/SmallNumber';
import { useUnits } from '../../kit/units';

interface NumberBoxProps {
  label: string;
  unit: string;
  value: number;
  limits: readonly [number, number];
  digits?: number;
  onValue: (value: number) => void;
}

/** A number that is taken as it is typed; one that is not allowed stays, with what is. */
export function NumberBox({ label, unit, value, limits, digits = 1, onValue }: NumberBoxProps) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [low, high] = limits;
  const number = typed === null ? value : numberOf(typed);
  const faulty = !(number >= low && number <= high);
  return (
    <span className="flex flex-col">
      <label htmlFor={id} className="text-sm font-semibold">
        {label}
      </label>
      <span className="flex items-baseline gap-1">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          value={typed ?? plainNumber(value, digits)}
          aria-invalid={faulty}
          aria-describedby={faulty ? `${id}-fault` : undefined}
          onChange={({ target }) => {
            setTyped(target.value);
            const next = numberOf(target.value);
            if (next >= low && next <= high) onValue(next);
          }}
          onFocus={({ target }) => target.select()}
          onBlur={() => !faulty && setTyped(null)}
          className="box w-20"
        />
        {unit}
      </span>
      {faulty && (
        <span id={`${id}-fault`} role="alert" className="max-w-40 text-sm font-semibold text-harm">
          {t('{label} must be {limits}.', { label, limits: sayLimits(low, high) })}
        </span>
      )}
    </span>
  );
}

interface LengthBoxProps extends Omit<NumberBoxProps, 'unit'> {
  scale: Scale;
}

/** A length in the reader's unit; value and limits in m. */
export function LengthBox({ scale, value, limits, onValue, ...box }: LengthBoxProps) {
  const unit = unitFor(scale, useUnits());
  return (
    <NumberBox
      {...box}
      unit={unit}
      value={fromMetres(value, unit)}
      limits={[fromMetres(limits[0], unit), fromMetres(limits[1], unit)]}
      onValue={(next) => onValue(toMetres(next, unit))}
    />
  );
}
