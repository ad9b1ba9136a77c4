'use client';

import { t } from '@/core/tell/language/t';
import { SAND_PRESETS, type SandPreset } from '@/core/ground/sand/presets';
import { SandSwatch } from '../drawing/SandSwatch';
import { ChoiceGroup } from '../kit/ChoiceGroup';
import { DepthPanel } from './DepthPanel';
import type { SetFields } from './LengthPanel';
import { NumberPanel } from '../kit/NumberPanel';
import { TickBox } from '../kit/TickBox';
import { useUnits } from '../kit/units';
import { saySmall } from '@/core/tell/language/say';
import { SAND_WORDS } from '@/core/tell/words/situation';

interface SandPanelProps {
  preset: SandPreset;
  crust: boolean;
  depthMm: number | undefined;
  moisture: number;
  /** 0 powder to 1 wet and packed. */
  firmness: number;
  /** kg/m^3. */
  density: number;
  /** True when firmness or density were read apart from the kind of sand. */
  measured: boolean;
  onFields: SetFields;
}

/** Depths of sand that are looked over. */
const DEEP = { mm: [5, 150, 5], in: [0.25, 6, 0.25] } as const;

/** How heavy sand is, in the units of the reader; of these in a kg/m^3. */
const HEAVY = {
  metres: { unit: 'kg/m³', per: 1, step: 50 },
  yards: { unit: 'lb/ft³', per: 0.0624279606, step: 1 },
} as const;

const AS_USUAL = { 'sand.firmness': undefined, 'sand.density_kgm3': undefined };

/** The sands as drawn swatches with what the feet say of each; crust, depth, water, firmness and density below them. */
export function SandPanel(props: SandPanelProps) {
  const { preset, crust, depthMm, moisture, firmness, density, measured, onFields } = props;
  const units = useUnits();
  const heavy = HEAVY[units];
  const onField = (path: string, value: unknown): string | null => onFields({ [path]: value });
  return (
    <>
      <ChoiceGroup
        label={t('Sand')}
        columns={3}
        value={preset}
        onValue={(next) => onFields({ ...AS_USUAL, 'sand.preset': next })}
        choices={SAND_PRESETS.map((each) => ({
          value: each,
          name: SAND_WORDS[each].short,
          note: SAND_WORDS[each].feel,
          picture: <SandSwatch preset={each} />,
        }))}
      />
      <TickBox
        label={t('dry crust over packed, wet sand')}
        checked={crust}
        onChecked={(next) => onField('sand.crust', next || undefined)}
        className="mb-3"
      />
      <DepthPanel
        label={t('Depth of sand over the hard base')}
        mm={depthMm}
        ranges={DEEP}
        onMm={(mm) => onField('sand.depth_mm', Math.round(mm))}
        help={t('{hand} is about a hand deep. Any deeper and the base no longer matters.', {
          hand: saySmall(0.1, units),
        })}
      />
      <NumberPanel
        label={t('Moisture, 0 dry to 1 soaked')}
        unit=""
        value={moisture}
        from={0}
        to={1}
        step={0.1}
        onValue={(value) => onField('sand.moisture', value === 0 ? undefined : value)}
      />
      <details open={measured}>
        <summary className="min-h-11 cursor-pointer py-2.5">
          {t('Firmness and density as numbers')}
        </summary>
        <NumberPanel
          label={t('Firmness, 0 powder to 1 packed')}
          unit=""
          value={Math.round(firmness * 100) / 100}
          from={0}
          to={1}
          step={0.05}
          onValue={(value) => onField('sand.firmness', value)}
        />
        <NumberPanel
          label={t('Density')}
          unit={heavy.unit}
          value={Math.round(density * heavy.per)}
          from={Math.ceil(1200 * heavy.per)}
          to={Math.floor(2100 * heavy.per)}
          step={heavy.step}
          onValue={(value) => onField('sand.density_kgm3', Math.round(value / heavy.per))}
          help={
            units === 'metres'
              ? t('Weigh a level litre of sand: 1.55 kg is 1550.')
              : t('A level cubic foot of dry, medium sand weighs about 97 lb.')
          }
        />
        {measured && (
          <button type="button" className="min-h-11 underline" onClick={() => onFields(AS_USUAL)}>
            {t('Reset to typical for this sand')}
          </button>
        )}
      </details>
    </>
  );
}
