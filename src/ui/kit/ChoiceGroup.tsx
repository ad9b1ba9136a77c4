'use client';

import { RadioGroup } from 'radix-ui';
import type { ReactNode } from 'react';

interface Choice<T extends string> {
  value: T;
  name: string;
  note?: string;
  picture?: ReactNode;
}

interface ChoiceGroupProps<T extends string> {
  label: string;
  choices: readonly Choice<T>[];
  value: T | null;
  onValue: (value: T) => void;
  columns?: 1 | 2 | 3;
}

const COLUMNS = { 1: 'grid-cols-1', 2: 'grid-cols-2', 3: 'grid-cols-3' } as const;

/** Choices as drawn or written tiles, one of them taken. */
export function ChoiceGroup<T extends string>(props: ChoiceGroupProps<T>) {
  const { label, choices, value, onValue, columns = 2 } = props;
  return (
    <>
      <h2 className="mb-2 text-base">{label}</h2>
      <RadioGroup.Root
        aria-label={label}
        value={value ?? ''}
        onValueChange={(next) => onValue(next as T)}
        className={`mb-3 grid gap-2 ${COLUMNS[columns]}`}
      >
        {choices.map((choice) => (
          <RadioGroup.Item
            key={choice.value}
            value={choice.value}
            className="min-h-11 rounded border-2 border-hairline p-2 text-left lit-when-chosen"
          >
            {choice.picture}
            <span className="block font-semibold">{choice.name}</span>
            {choice.note && <span className="block text-sm">{choice.note}</span>}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </>
  );
}
