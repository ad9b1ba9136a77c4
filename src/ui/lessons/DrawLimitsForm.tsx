'use client';

import { useState } from 'react';
import type { DrawLimits } from '@/core/lesson/plan/randomStation';
import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { sayRange, unitFor } from '@/core/ground/units/say';
import { Pick } from '../kit/Pick';
import { numberOf } from '../kit/SmallNumber';
import { TextInput } from '../kit/fields';
import { LIE_WORDS, SAND_WORDS } from '@/core/tell/words/situation';
import { useUnits } from '../kit/units';

interface DrawLimitsFormProps {
  limits: DrawLimits;
  onLimits: (limits: DrawLimits) => void;
}

const SPLASHED = SAND_PRESETS.filter((preset) => preset !== 'hardpan');

/** Shortest and longest that may be asked for, m. */
const BOUNDS = { pin: [4, 60], lip: [0.1, 4] } as const;

/** Least and most of what is drawn: distance, lip, lies and sand. */
export function DrawLimitsForm({ limits, onLimits }: DrawLimitsFormProps) {
  const units = useUnits();
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const length = (name: 'pin' | 'lip', end: 0 | 1, label: string) => {
    const unit = unitFor(name === 'pin' ? 'ground' : 'height', units);
    const [low, high] = BOUNDS[name];
    const put = (text: string): void => {
      const metres = toMetres(numberOf(text), unit);
      const allowed = metres >= low && metres <= high;
      setFaults(({ [label]: _, ...others }) =>
        allowed
          ? others
          : { ...others, [label]: `must be from ${sayRange(BOUNDS[name], unit)}, not "${text}"` },
      );
      if (!allowed) return;
      const [least, most] = limits[name];
      onLimits({
        ...limits,
        [name]: end === 0 ? [metres, Math.max(metres, most)] : [Math.min(least, metres), metres],
      });
    };
    return (
      <TextInput
        key={`${label} ${limits[name][end]} ${units}`}
        label={`${label}, ${unit}`}
        fault={faults[label]}
        inputMode="decimal"
        defaultValue={Number(fromMetres(limits[name][end], unit).toFixed(1))}
        onBlur={(event) => put(event.target.value)}
      />
    );
  };
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-4 gap-3 max-sm:grid-cols-2">
        {length('pin', 0, 'Flag from')}
        {length('pin', 1, 'Flag to')}
        {length('lip', 0, 'Lip from')}
        {length('lip', 1, 'Lip to')}
      </div>
      <fieldset className="flex flex-wrap items-end gap-x-4">
        <legend className="text-sm font-semibold">Lies</legend>
        {LIES.map((lie) => (
          <label key={lie} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              checked={limits.lies.includes(lie)}
              disabled={limits.lies.length === 1 && limits.lies.includes(lie)}
              onChange={({ target }) =>
                onLimits({
                  ...limits,
                  lies: LIES.filter((each) =>
                    each === lie ? target.checked : limits.lies.includes(each),
                  ),
                })
              }
              className="size-5 accent-(--call-1)"
            />
            {LIE_WORDS[lie].name}
          </label>
        ))}
        <Pick
          label="Sand"
          value={limits.sand}
          onValue={(sand) => onLimits({ ...limits, sand })}
          options={SPLASHED.map((preset) => [preset, SAND_WORDS[preset].short] as const)}
        />
      </fieldset>
    </div>
  );
}
