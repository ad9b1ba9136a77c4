'use client';

import { t } from '@/core/tell/language/t';
import { useMemo, useState } from 'react';
import { saidShot } from '@/core/tell/grammar/saidShot';
import { EXAMPLE_LINE } from '@/core/tell/grammar/phrases';
import { understand } from '@/core/tell/grammar/understand';
import { randomStation, USUAL_LIMITS, type DrawLimits } from '@/core/lesson/plan/randomStation';
import { stationName } from '@/core/tell/lessons/stationName';
import { FIRST_SHOT } from '@/core/contract/reading/reading';
import type { ShotInput } from '@/core/contract/shot/shot';
import type { KeptReading } from '@/core/contract/reading/kept';
import { TextInput } from '../kit/fields';
import { DrawLimitsForm } from './DrawLimitsForm';
import { useLine } from '../kit/useLine';
import { useUnits } from '../kit/units';

interface AddStationProps {
  readings: readonly KeptReading[];
  /** True when no more stations go into the lesson. */
  full: boolean;
  onStation: (name: string, shot: ShotInput) => void;
  /** Opens the plan of drawn ground to put stations on. */
  onGround: () => void;
}

const SEEDS = 2 ** 31;

/** A station from a kept reading, from a line that is typed, the usual one, or drawn within limits. */
export function AddStation({ readings, full, onStation, onGround }: AddStationProps) {
  const units = useUnits();
  const add = (shot: ShotInput, note = ''): void =>
    onStation(`${stationName(shot, units)}${note}`, shot);
  const [limits, setLimits] = useState<DrawLimits>(USUAL_LIMITS);
  return (
    <div className="no-print mt-2 space-y-2">
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col text-sm font-semibold">
          {t('A saved reading')}
          <select
            value=""
            disabled={readings.length === 0 || full}
            onChange={(event) => {
              const reading = readings.find(({ id }) => id === event.target.value);
              if (reading) onStation(reading.name, reading.shot);
            }}
            className="box max-w-72 text-base font-normal"
          >
            <option value="">{t('choose …')}</option>
            {readings.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <button type="button" disabled={full} onClick={onGround} className="button">
          {t('Stations on your ground')}
        </button>
        <button type="button" disabled={full} onClick={() => add(FIRST_SHOT)} className="button">
          {t('Standard station')}
        </button>
        <button
          type="button"
          disabled={full}
          onClick={() => {
            const seed = Math.floor(Math.random() * SEEDS);
            add(randomStation(seed, units, limits), t(', random'));
          }}
          className="button"
        >
          {t('Random station')}
        </button>
      </div>
      <TypedStation full={full} onShot={add} />
      <details>
        <summary className="min-h-11 cursor-pointer py-2.5">
          {t('Limits for random stations')}
        </summary>
        <DrawLimitsForm limits={limits} onLimits={setLimits} />
      </details>
    </div>
  );
}

/** A station typed in the words of the desk's line; what is understood is said back. */
function TypedStation({ full, onShot }: { full: boolean; onShot: (shot: ShotInput) => void }) {
  const units = useUnits();
  const { text, input, submit } = useLine((line) => {
    onShot(understand(line, FIRST_SHOT, units).shot);
    return null;
  });
  const understood = useMemo(() => understand(text, FIRST_SHOT, units), [text, units]);
  const unread = understood.unread.map(([from, to]) => text.slice(from, to).trim()).filter(Boolean);
  const ready = understood.read.length > 0 && unread.length === 0;
  return (
    <form onSubmit={ready ? submit : (event) => event.preventDefault()}>
      <div className="flex items-end gap-3">
        <div className="min-w-0 grow">
          <TextInput label={t('Describe a new one')} placeholder={EXAMPLE_LINE[units]} {...input} />
        </div>
        <button type="submit" disabled={full || !ready} className="button">
          {t('Add')}
        </button>
      </div>
      {text.trim() !== '' && (
        <p role="status" className="mt-0.5 text-sm">
          {unread.length > 0
            ? t('Not understood: {unread}', { unread: unread.join(', ') })
            : t('Understood: {saidShot}', { saidShot: saidShot(understood.shot, units) })}
        </p>
      )}
    </form>
  );
}
