'use client';

import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { mm } from '@/core/place/record/edit';
import type { Bunker, LipCorner } from '@/core/place/record/place';
import { LengthBox, NumberBox } from './NumberBox';
import { SandDiary } from './SandDiary';

interface BunkerFormProps {
  bunker: Bunker;
  onChange: (change: (bunker: Bunker) => Bunker) => void;
  /** The corner that is chosen. */
  corner: number | null;
  /** Today, YYYY-MM-DD. */
  today: string;
}

const HOW_WORDS: Record<Bunker['measured']['how'], string> = told({
  paced: 'paced',
  drawn: 'drawn by eye',
  picture: 'traced from a picture',
  rangefinder: 'sighted with a rangefinder',
  file: 'read from a file',
});

/** Lip, floor and sand of a bunker. */
export function BunkerForm({ bunker, onChange, corner, today }: BunkerFormProps) {
  const change = (part: Partial<Bunker>): void => onChange((now) => ({ ...now, ...part }));
  const lips = bunker.outline.map(({ lip_m }) => lip_m);
  const setCorner = (index: number | null, part: Partial<LipCorner>): void =>
    change({
      outline: bunker.outline.map((each, i) =>
        index === null || i === index ? { ...each, ...part } : each,
      ),
    });
  const chosen = corner === null ? undefined : bunker.outline[corner];
  return (
    <div className="space-y-4">
      <fieldset>
        <legend className="text-base font-semibold">
          {chosen ? t('Lip at corner {corner}', { corner: corner! + 1 }) : t('Lip all round')}
        </legend>
        <p className="text-sm text-ink-soft">
          {chosen
            ? t('Above the sand at its foot.')
            : t('Choose a corner on the plan to set the lip there alone.')}
        </p>
        <div className="mt-1 flex flex-wrap gap-3">
          <LengthBox
            key={`lip ${corner}`}
            label={t('Lip height')}
            scale="height"
            value={chosen?.lip_m ?? Math.max(...lips)}
            limits={[0, 6]}
            onValue={(lip) => setCorner(chosen ? corner : null, { lip_m: mm(lip) })}
          />
          <LengthBox
            key={`over ${corner}`}
            label={t('Overhang')}
            scale="height"
            value={chosen ? (chosen.overhang_m ?? 0) : (bunker.outline[0]!.overhang_m ?? 0)}
            limits={[0, 0.6]}
            onValue={(over) => setCorner(chosen ? corner : null, { overhang_m: mm(over) })}
          />
        </div>
      </fieldset>
      <fieldset>
        <legend className="text-base font-semibold">{t('Floor')}</legend>
        <div className="mt-1 flex flex-wrap gap-3">
          <NumberBox
            label={t('Tilt')}
            unit="°"
            value={bunker.floor.tilt_deg}
            limits={[0, 25]}
            onValue={(tilt_deg) => change({ floor: { ...bunker.floor, tilt_deg } })}
          />
          <NumberBox
            label={t('Uphill toward')}
            unit={t('° from north')}
            digits={0}
            value={bunker.floor.uphill_deg}
            limits={[0, 360]}
            onValue={(uphill_deg) => change({ floor: { ...bunker.floor, uphill_deg } })}
          />
        </div>
        {bunker.spots.length > 0 && (
          <p className="mt-1 text-sm">
            {t('{spots} sighted heights of the floor {spots2}.', {
              spots: bunker.spots.length,
              spots2:
                bunker.spots.length >= 3
                  ? t('stand for this tilt')
                  : t('are kept; three are needed'),
            })}{' '}
            <button
              type="button"
              className="underline underline-offset-4"
              onClick={() => change({ spots: [] })}
            >
              {t('Remove them')}
            </button>
          </p>
        )}
      </fieldset>
      <SandDiary bunker={bunker} today={today} onChange={onChange} />
      <p className="text-sm text-ink-soft">
        {t('Outline {how}: corners ± {spread} m, lip ± {lipSpread} cm.', {
          how: HOW_WORDS[bunker.measured.how],
          spread: bunker.measured.spread_m.toFixed(1),
          lipSpread: Math.round(bunker.measured.lip_spread_m * 100),
        })}
      </p>
    </div>
  );
}
