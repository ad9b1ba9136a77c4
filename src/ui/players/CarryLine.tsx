'use client';

import { useState, type FormEvent } from 'react';
import { FaultyInput } from '@/core/tell/format/fault';
import { readCarryText } from '@/core/lesson/players/carryText';
import { unitFor } from '@/core/ground/units/say';
import { useUnits } from '../kit/units';

interface CarryLineProps {
  clubs: readonly string[];
  /** Takes stock carries over, m; gives back what is wrong, or null. */
  onCarries: (carries: ReadonlyMap<string, number>) => Promise<string | null>;
}

/** Stock carries typed in one line: "56 82, 52 96". */
export function CarryLine({ clubs, onCarries }: CarryLineProps) {
  const units = useUnits();
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const unit = unitFor('ground', units);
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    try {
      const carries = readCarryText(typed, clubs, unit);
      if (carries.length === 0) return;
      const problem = await onCarries(new Map(carries.map(({ club, carry }) => [club, carry])));
      setFault(problem);
      if (problem === null) setTyped('');
    } catch (error) {
      if (!(error instanceof FaultyInput)) throw error;
      setFault(error.faults.map(({ message }) => message).join('; '));
    }
  };
  return (
    <form onSubmit={(event) => void submit(event)} className="mt-4">
      <label htmlFor="carries" className="font-semibold">
        Stock carries in {unit === 'm' ? 'metres' : 'yards'}
      </label>
      <div className="mt-1 flex gap-3">
        <input
          id="carries"
          value={typed}
          autoComplete="off"
          placeholder={clubs
            .slice(-2)
            .map((club, i) => `${club} ${82 - 11 * i}`)
            .join(', ')}
          aria-invalid={fault !== null}
          aria-describedby="carries-note"
          onChange={(event) => setTyped(event.target.value)}
          className="h-11 w-full max-w-md rounded border-2 border-hairline bg-paper px-3 aria-invalid:border-harm"
        />
        <button type="submit" className="h-11 rounded border-2 border-hairline px-4">
          Take
        </button>
      </div>
      <p
        id="carries-note"
        role={fault ? 'alert' : undefined}
        className="mt-1 min-h-5 text-sm font-semibold text-harm"
      >
        {fault}
      </p>
    </form>
  );
}
