'use client';

import { t } from '@/core/tell/language/t';
import type { Threshold } from '@/core/ground/measure/measured';
import type { Hand } from '@/core/ground/player/player';
import { TiltDrawing } from '../drawing/TiltDrawing';
import { MeasureBox } from '../measure/MeasureBox';
import { TiltMeasure } from '../measure/TiltMeasure';
import type { SetFields } from './LengthPanel';
import { NumberPanel } from '../kit/NumberPanel';

interface SlopePanelProps {
  alongDeg: number;
  acrossDeg: number;
  handed: Hand;
  /** Where the call changes in the slope along the line, radians; null while that is being looked for, undefined where it could not be. */
  thresholds: readonly Threshold[] | null | undefined;
  onFields: SetFields;
}

/** Tilt of the ground along the line and across it, drawn as it is set. */
export function SlopePanel(props: SlopePanelProps) {
  const { alongDeg, acrossDeg, handed, thresholds, onFields } = props;
  // Seen from behind the ball a right-hander stands on the left: a ball above the feet has its high side on the right.
  const seen = handed === 'right' ? acrossDeg : -acrossDeg;
  return (
    <>
      <TiltDrawing
        deg={alongDeg}
        label={t('From the side: {along} degrees', { along: alongDeg })}
      />
      <NumberPanel
        label={t('Upslope along the line')}
        unit="°"
        value={alongDeg}
        from={-20}
        to={30}
        step={1}
        autoFocus
        onValue={(deg) => onFields({ 'slope.along_deg': deg })}
        help={t('Minus for a downslope.')}
      />
      <TiltDrawing
        deg={seen}
        label={t('From behind the ball: {across} degrees', { across: acrossDeg })}
      />
      <NumberPanel
        label={t('Ball above the feet')}
        unit="°"
        value={acrossDeg}
        from={-20}
        to={20}
        step={1}
        onValue={(deg) => onFields({ 'slope.across_deg': deg })}
        help={t('Minus for a ball below the feet.')}
      />
      <MeasureBox title={t('Measure it')}>
        <TiltMeasure
          handed={handed}
          thresholds={thresholds}
          onTake={(along, across) =>
            onFields({ 'slope.along_deg': along, 'slope.across_deg': across })
          }
        />
      </MeasureBox>
    </>
  );
}
