'use client';

import { useId } from 'react';

interface SmallNumberProps {
  label: string;
  unit?: string;
  /** What is typed; empty while nothing is. */
  value: string;
  onValue: (text: string) => void;
}

/** A number to type in a row of a measuring help. */
export function SmallNumber({ label, unit, value, onValue }: SmallNumberProps) {
  const id = useId();
  return (
    <span className="flex flex-col">
      <label htmlFor={id} className="text-sm">
        {label}
      </label>
      <span className="flex items-baseline gap-1">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          value={value}
          onChange={(event) => onValue(event.target.value)}
          onFocus={(event) => event.target.select()}
          className="box w-20"
        />
        {unit}
      </span>
    </span>
  );
}

/** The number that a text says; NaN when it says none. */
export const numberOf = (text: string): number =>
  text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.'));
