'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import type { Threshold } from '@/core/ground/measure/measured';
import { PACE_RANGE, paced, paceLengthFrom } from '@/core/ground/measure/pacing';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { reckon, Result } from './Result';
import { numberOf, SmallNumber } from '../kit/SmallNumber';
import { usePace } from './usePace';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';

interface PacingProps {
  thresholds?: readonly Threshold[] | null | undefined;
  /** Takes the distance over, m. */
  onTake: (metres: number) => void;
}

/** The length of a pace: whole centimetres or inches. */
function sayPace(metres: number, units: UnitSystem): string {
  const unit = unitFor('short', units);
  return `${plainNumber(fromMetres(metres, unit), 0)}\u00a0${unit}`;
}

/** A distance in paces, with the coach's own pace, which a known line can give. */
export function Pacing({ thresholds, onTake }: PacingProps) {
  const units = useUnits();
  const [pace, setPace] = usePace();
  const [paces, setPaces] = useState('');
  const [own, setOwn] = useState(false);
  const unit = unitFor('ground', units);
  const reckoned = reckon(() =>
    Number.isNaN(numberOf(paces)) ? null : paced(numberOf(paces), pace),
  );
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <SmallNumber label={t('Paces')} value={paces} onValue={setPaces} />
        <p className="pb-2.5 text-sm">
          {t('of {pace}', { pace: sayPace(pace, units) })}{' '}
          <button type="button" className="underline" onClick={() => setOwn(!own)}>
            {own ? t('done') : t('my pace')}
          </button>
        </p>
      </div>
      {own && <OwnPace onPace={setPace} />}
      <Result
        reckoned={reckoned}
        say={(metres) => `${plainNumber(fromMetres(metres, unit))} ${unit}`}
        thresholds={thresholds}
        onTake={onTake}
      />
    </>
  );
}

/** Finds the coach's pace from a line of known length. */
function OwnPace({ onPace }: { onPace: (metres: number) => void }) {
  const units = useUnits();
  const unit = unitFor('ground', units);
  const [line, setLine] = useState('20');
  const [paces, setPaces] = useState('');
  const result = reckon(() => {
    const [long, count] = [numberOf(line), numberOf(paces)];
    if (Number.isNaN(long) || Number.isNaN(count)) return null;
    return { value: paceLengthFrom(toMetres(long, unit), count), sd: 0 };
  });
  return (
    <div className="mt-1 border-l-2 border-hairline pl-3">
      <p className="text-sm">
        {t('Walk a known distance and count your paces. One pace is {shortest} to {longest}.', {
          shortest: sayPace(PACE_RANGE[0], units),
          longest: sayPace(PACE_RANGE[1], units),
        })}
      </p>
      <div className="flex items-end gap-3">
        <SmallNumber label={t('Line')} unit={unit} value={line} onValue={setLine} />
        <SmallNumber label={t('Paces counted')} value={paces} onValue={setPaces} />
        {result && !('fault' in result) && (
          <button type="button" onClick={() => onPace(result.value)} className="button px-3">
            {t('Use {result}', { result: sayPace(result.value, units) })}
          </button>
        )}
      </div>
      {result && 'fault' in result && <Alert className="mt-1 text-sm">{result.fault}</Alert>}
    </div>
  );
}
