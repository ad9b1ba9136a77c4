'use client';

import { Checkbox } from 'radix-ui';
import { Check } from 'lucide-react';
import { SAND_PRESETS, type SandPreset } from '@/core/sand/presets';
import { SandSwatch } from '../drawing/SandSwatch';
import { ChoiceGroup } from './ChoiceGroup';
import { NumberPanel } from './NumberPanel';
import { SAND_WORDS } from './words';

interface SandPanelProps {
  preset: SandPreset;
  crust: boolean;
  depthMm: number | undefined;
  moisture: number;
  onField: (path: string, value: unknown) => string | null;
}

/** The sands as drawn swatches with what the feet say of each; water, crust and depth below them. */
export function SandPanel({ preset, crust, depthMm, moisture, onField }: SandPanelProps) {
  return (
    <>
      <ChoiceGroup
        label="Sand"
        columns={3}
        value={preset}
        onValue={(next) => onField('sand.preset', next)}
        choices={SAND_PRESETS.map((each) => ({
          value: each,
          name: SAND_WORDS[each].short,
          note: SAND_WORDS[each].feel,
          picture: <SandSwatch preset={each} />,
        }))}
      />
      <label className="mb-3 flex min-h-11 items-center gap-3">
        <Checkbox.Root
          checked={crust}
          onCheckedChange={(next) => onField('sand.crust', next === true ? true : undefined)}
          className="grid size-6 place-items-center rounded border-2 border-ink"
        >
          <Checkbox.Indicator>
            <Check size={18} aria-hidden="true" />
          </Checkbox.Indicator>
        </Checkbox.Root>
        dry crust over packed, wet sand
      </label>
      <NumberPanel
        label="Sand over a hard base"
        unit="mm"
        value={depthMm}
        from={5}
        to={150}
        step={5}
        onValue={(value) => onField('sand.depth_mm', value)}
        help="A hand deep is about 100: deeper than that the base does not matter."
      />
      <NumberPanel
        label="Wetness, 0 dry to 1 soaked"
        unit=""
        value={moisture}
        from={0}
        to={1}
        step={0.1}
        onValue={(value) => onField('sand.moisture', value === 0 ? undefined : value)}
      />
    </>
  );
}
