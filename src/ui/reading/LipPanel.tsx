'use client';

import { t } from '@/core/tell/language/t';
import type { Club } from '@/core/ground/club/club';
import type { Threshold } from '@/core/ground/measure/measured';
import type { Lip } from '@/core/ground/situation/shot';
import { LipMeasure } from '../measure/LipMeasure';
import { MeasureBox } from '../measure/MeasureBox';
import { lengthField, LengthPanel, type SetFields } from './LengthPanel';
import { useUnits } from '../kit/units';

interface LipPanelProps {
  lip: Lip;
  bag: readonly Club[];
  thresholds: readonly Threshold[] | null | undefined;
  onFields: SetFields;
}

/** Height and distance of the lip, typed, scrubbed or measured. */
export function LipPanel({ lip, bag, thresholds, onFields }: LipPanelProps) {
  const units = useUnits();
  const common = { scale: 'height', onFields } as const;
  return (
    <>
      <LengthPanel
        {...common}
        label={t('Height of the lip above the ball')}
        path="lip.height"
        metres={lip.height}
        range={[0, 12, 0.5]}
      />
      <LengthPanel
        {...common}
        label={t('Distance from ball to lip')}
        path="lip.distance"
        metres={lip.distance}
        range={[1, 40, 1]}
        autoFocus={false}
      />
      <MeasureBox title={t('Measure it')}>
        <LipMeasure
          bag={bag}
          thresholds={thresholds}
          onTake={(height, distance) =>
            onFields({
              ...lengthField('lip.height', height, 'height', units),
              ...(distance === undefined
                ? {}
                : lengthField('lip.distance', distance, 'height', units)),
            })
          }
        />
      </MeasureBox>
    </>
  );
}
