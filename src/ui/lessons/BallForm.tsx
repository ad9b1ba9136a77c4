'use client';

import { useState, type FormEvent } from 'react';
import { FaultyInput } from '@/core/tell/format/fault';
import { STRIKES, type LoggedFields } from '@/core/lesson/balls/ball';
import { FORM_LENGTHS, ballTexts, ballUnit, readBallTexts } from '@/core/lesson/balls/ballForm';
import { useUnits } from '../kit/units';

interface BallFormProps {
  /** What is known of the ball already. */
  ball: LoggedFields;
  action: string;
  /** Takes the ball; gives back what is wrong, or null. */
  onBall: (ball: LoggedFields) => Promise<string | null>;
}

const INPUT = 'h-11 w-full rounded border-2 border-hairline bg-paper px-2 text-base font-normal';
const LABEL = 'flex flex-col justify-end text-sm font-semibold';

/** Everything that can be said of a ball, in fields; each may be left empty. */
export function BallForm({ ball, action, onBall }: BallFormProps) {
  const units = useUnits();
  const [texts, setTexts] = useState(() => ballTexts(ball, units));
  const [fault, setFault] = useState<string | null>(null);
  const put = (field: keyof typeof texts, text: string): void =>
    setTexts((now) => ({ ...now, [field]: text }));
  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    try {
      setFault(await onBall(readBallTexts(texts, units, ball)));
    } catch (error) {
      if (!(error instanceof FaultyInput)) throw error;
      setFault(error.faults.map(({ path, message }) => `${path}: ${message}`).join('; '));
    }
  };
  return (
    <form onSubmit={(event) => void send(event)} className="space-y-2">
      <div className="grid grid-cols-3 gap-2 max-sm:grid-cols-2">
        {FORM_LENGTHS.map((length) => (
          <label key={length.field} className={LABEL}>
            {length.label}, {ballUnit(length, units)}
            <input
              inputMode="decimal"
              autoComplete="off"
              value={texts[length.field]}
              onChange={(event) => put(length.field, event.target.value)}
              className={INPUT}
            />
          </label>
        ))}
        <label className={LABEL}>
          Strike
          <select
            value={texts.strike}
            onChange={(event) => put('strike', event.target.value)}
            className={INPUT}
          >
            <option value="">not seen</option>
            {STRIKES.map((strike) => (
              <option key={strike}>{strike}</option>
            ))}
          </select>
        </label>
      </div>
      <div className="grid grid-cols-2 gap-2 max-sm:grid-cols-1">
        <label className={LABEL}>
          Changed in the set-up
          <input
            value={texts.changed}
            maxLength={200}
            autoComplete="off"
            onChange={(event) => put('changed', event.target.value)}
            className={INPUT}
          />
        </label>
        <label className={LABEL}>
          Note
          <input
            value={texts.note}
            maxLength={500}
            autoComplete="off"
            onChange={(event) => put('note', event.target.value)}
            className={INPUT}
          />
        </label>
      </div>
      {fault && (
        <p role="alert" className="text-sm font-semibold text-harm">
          {fault}
        </p>
      )}
      <button type="submit" className="h-11 rounded border-2 border-hairline px-4">
        {action}
      </button>
    </form>
  );
}
