'use client';

import { t } from '@/core/tell/language/t';
import { readCarryText } from '@/core/lesson/players/carryText';
import { unitFor } from '@/core/ground/units/unitFor';
import { useLine } from '../kit/useLine';
import { useUnits } from '../kit/units';

interface CarryLineProps {
  clubs: readonly { name: string; loft_deg: number }[];
  /** Takes stock carries over, m; gives back what is wrong, or null. */
  onCarries: (carries: ReadonlyMap<string, number>) => Promise<string | null>;
}

/** Stock carries typed in one line: "56 82, 52 96". */
export function CarryLine({ clubs, onCarries }: CarryLineProps) {
  const units = useUnits();
  const unit = unitFor('ground', units);
  const { input, submit, fault } = useLine((line) => {
    const carries = readCarryText(line, clubs, unit);
    if (carries.length === 0) return null;
    return onCarries(new Map(carries.map(({ club, carry }) => [club, carry])));
  });
  return (
    <form onSubmit={submit} className="mt-4">
      <label htmlFor="carries" className="font-semibold">
        {t('Carries in {unit}', { unit: unit === 'm' ? t('metres') : t('yards') })}
      </label>
      <div className="mt-1 flex gap-3">
        <input
          id="carries"
          autoComplete="off"
          placeholder={clubs
            .slice(-2)
            .map(({ name }, i) => `${name} ${82 - 11 * i}`)
            .join(', ')}
          aria-invalid={fault !== null}
          aria-describedby="carries-note"
          {...input}
          className="box w-full max-w-md px-3"
        />
        <button type="submit" className="button">
          {t('Use these carries')}
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
