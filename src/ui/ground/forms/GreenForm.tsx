'use client';

import { newNames } from '@/core/tell/place/newNames';
import { FIRMNESS_WORDS } from '@/core/tell/words/situation';
import { t } from '@/core/tell/language/t';
import { Plus, Trash2 } from 'lucide-react';
import { withCut, withFlag } from '@/core/place/record/edit';
import { flagOn } from '@/core/place/record/onDay';
import type { GreenOn } from '@/core/place/record/place';
import { GREEN_FIRMNESS } from '@/core/ground/situation/green';
import { fromMetres } from '@/core/ground/units/length';
import { lengthOf } from '@/core/contract/check/fields';
import { sayDay } from '../../kit/day';
import { Pick } from '../../kit/fields';
import { IconButton } from '../../kit/IconButton';
import { NumberBox } from './NumberBox';

interface GreenFormProps {
  green: GreenOn;
  /** YYYY-MM-DD. */
  today: string;
  onChange: (change: (green: GreenOn) => GreenOn) => void;
}

/** Speed is said in feet of the stimpmeter everywhere. */
const stimpOf = (green: GreenOn): number => fromMetres(lengthOf(green, 'stimp') ?? 3, 'ft');

/** Speed, firmness, tilt and flags of a green. */
export function GreenForm({ green, today, onChange }: GreenFormProps) {
  const change = (part: Partial<GreenOn>): void => onChange((now) => ({ ...now, ...part }));
  const setStimp = (stimp_ft: number): void =>
    onChange((now) => {
      const others = Object.entries(now).filter(([key]) => !key.startsWith('stimp_'));
      return { ...Object.fromEntries(others), stimp_ft } as GreenOn;
    });
  return (
    <div className="space-y-4">
      <div className="flex flex-wrap items-end gap-3">
        <NumberBox
          label={t('Speed')}
          unit={t('ft stimp')}
          value={stimpOf(green)}
          limits={[4, 16]}
          onValue={setStimp}
        />
        <Pick
          label={t('Firmness')}
          value={green.firmness}
          onValue={(firmness) => change({ firmness })}
          options={GREEN_FIRMNESS.map((firmness) => [firmness, FIRMNESS_WORDS[firmness]] as const)}
        />
        <NumberBox
          label={t('Tilt')}
          unit="°"
          value={green.slope.tilt_deg}
          limits={[0, 8]}
          onValue={(tilt_deg) => change({ slope: { ...green.slope, tilt_deg } })}
        />
        <NumberBox
          label={t('Uphill toward')}
          unit={t('° from north')}
          digits={0}
          value={green.slope.uphill_deg}
          limits={[0, 360]}
          onValue={(uphill_deg) => change({ slope: { ...green.slope, uphill_deg } })}
        />
      </div>
      <fieldset>
        <legend className="text-base font-semibold">{t('Flags')}</legend>
        <ul>
          {green.flags.map(({ id, name }, i) => (
            <li key={id} className="mt-1 flex items-center gap-2">
              <input
                aria-label={t('Name of flag {i}', { i: i + 1 })}
                maxLength={40}
                value={name}
                onChange={({ target }) =>
                  change({
                    flags: green.flags.map((flag) =>
                      flag.id === id ? { ...flag, name: target.value } : flag,
                    ),
                  })
                }
                className="box grow"
              />
              <IconButton
                harm
                label={t('Delete the flag {name}', { name })}
                onClick={() => change({ flags: green.flags.filter((flag) => flag.id !== id) })}
              >
                <Trash2 size={16} aria-hidden="true" />
              </IconButton>
            </li>
          ))}
        </ul>
        <button
          type="button"
          className="button mt-2"
          onClick={() => onChange((now) => withFlag(now, newNames()))}
        >
          <Plus size={16} aria-hidden="true" className="mr-1" /> {t('Add a flag')}
        </button>
        <p className="mt-1 text-sm text-ink-soft">
          {t('Drag flags on the plan to where they are cut.')}
        </p>
      </fieldset>
      {green.flags.length > 0 && <CutDiary green={green} today={today} onChange={onChange} />}
    </div>
  );
}

/** No flag: nobody said which hole is cut. */
const UNSAID = '';

/** Which hole is cut, day by day: the latest counts, earlier ones stay. */
function CutDiary({ green, today, onChange }: GreenFormProps) {
  const cutToday = flagOn(green, today);
  const cuts = green.flags
    .flatMap(({ name, cut = [] }) => cut.map((day) => ({ day, name })))
    .sort((a, b) => b.day.localeCompare(a.day));
  return (
    <fieldset>
      <legend className="text-base font-semibold">{t('Hole cut today')}</legend>
      <Pick
        label={t('Flag')}
        value={cutToday?.id ?? UNSAID}
        onValue={(id) => onChange((now) => withCut(now, today, id === UNSAID ? null : id))}
        options={[
          ...(cutToday ? [] : [[UNSAID, t('not noted: any of them')] as const]),
          ...green.flags.map(({ id, name }) => [id, name] as const),
        ]}
      />
      <ul className="mt-1 text-sm">
        {cuts.map(({ day, name }) => (
          <li key={day} className="flex items-center gap-2">
            <span className="grow">{t('From {day}: {name}', { day: sayDay(day), name })}</span>
            <IconButton
              harm
              label={t('Delete the hole of {day}', { day: sayDay(day) })}
              onClick={() => onChange((now) => withCut(now, day, null))}
            >
              <Trash2 size={16} aria-hidden="true" />
            </IconButton>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
