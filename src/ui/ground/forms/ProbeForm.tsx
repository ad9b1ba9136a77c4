'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { toMetres } from '@/core/ground/units/length';
import { unitFor } from '@/core/ground/units/unitFor';
import { LEAST_DROPS, probed, type Probed } from '@/core/place/survey/probe';
import { TextInput } from '../../kit/fields';
import { useUnits } from '../../kit/units';

interface ProbeFormProps {
  onFirmness: (firmness: number) => void;
}

/** What drops of the rod say, from their depths as typed; null while they say nothing. */
function probedFrom(text: string, unit: 'cm' | 'in'): Probed | null {
  const depths = text
    .split(/[\s;,]+/)
    .filter(Boolean)
    .map((each) => toMetres(Number(each), unit));
  const usable = depths.length >= LEAST_DROPS && depths.every((depth) => depth > 0 && depth < 0.5);
  return usable ? probed(depths) : null;
}

/** Firmness of the sand from a rod that is dropped: the depths of three drops or more. */
export function ProbeForm({ onFirmness }: ProbeFormProps) {
  const unit = unitFor('short', useUnits()) === 'cm' ? 'cm' : 'in';
  const [text, setText] = useState('');
  const found = probedFrom(text, unit);
  const percent = (share: number): number => Math.round(share * 100);
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2.5">
        {t('Measure firmness with a dropped rod')}
      </summary>
      <p className="text-sm">
        {t(
          'Half a kilogram, flat end 10 mm across, let go half a metre above the sand. Three drops or more.',
        )}
      </p>
      <TextInput
        label={t('Depths, {unit}', { unit })}
        placeholder={unit === 'cm' ? '8.2 8.6 7.9' : '3.2 3.4 3.1'}
        value={text}
        onChange={({ target }) => setText(target.value)}
      />
      {text.trim() !== '' && (
        <p role="status" className="mt-1 text-sm">
          {found
            ? t('Firmness {percent} of 100, 95% confidence {percent2} to {percent3}.', {
                percent: percent(found.firmness),
                percent2: percent(found.low),
                percent3: percent(found.high),
              })
            : t('Type {leastDrops} depths or more.', { leastDrops: LEAST_DROPS })}
        </p>
      )}
      {found && (
        <button
          type="button"
          className="button mt-1"
          onClick={() => onFirmness(Math.round(found.firmness * 100) / 100)}
        >
          {t('Use this firmness')}
        </button>
      )}
    </details>
  );
}
