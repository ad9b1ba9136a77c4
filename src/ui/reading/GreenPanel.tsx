'use client';

import { FIRMNESS_WORDS } from '@/core/tell/words/situation';
import { t } from '@/core/tell/language/t';
import { GREEN_FIRMNESS, type Green } from '@/core/ground/situation/green';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import type { SetFields } from './LengthPanel';
import { ChoiceGroup } from '../kit/ChoiceGroup';
import { NumberPanel } from '../kit/NumberPanel';

/** Speed of the green, its slope where the ball lands, and how it takes a ball. */
export function GreenPanel({ green, onFields }: { green: Green; onFields: SetFields }) {
  return (
    <>
      <NumberPanel
        label={t('Speed of the green')}
        unit={t('ft')}
        value={fromMetres(green.stimp, 'ft')}
        from={5}
        to={14}
        step={0.5}
        autoFocus
        help={t('Stimp: 8 is slow, 10 average, 12 fast.')}
        onValue={(value) => onFields({ 'green.stimp_ft': value })}
      />
      <NumberPanel
        label={t('Uphill at the landing spot')}
        unit="°"
        value={Math.round(degrees(green.slope) * 2) / 2}
        from={-5}
        to={5}
        step={0.5}
        help={t('Minus for downhill.')}
        onValue={(value) => onFields({ 'green.slope_deg': value })}
      />
      <ChoiceGroup
        label={t('Green firmness')}
        columns={3}
        value={green.firmness}
        onValue={(firmness) =>
          onFields({ 'green.firmness': firmness === 'medium' ? undefined : firmness })
        }
        choices={GREEN_FIRMNESS.map((each) => ({ value: each, name: FIRMNESS_WORDS[each] }))}
      />
    </>
  );
}
