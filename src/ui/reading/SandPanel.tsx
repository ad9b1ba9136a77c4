'use client';

import { RadioGroup } from 'radix-ui';
import { SAND_PRESETS, type SandPreset } from '@/core/sand/presets';
import { SandSwatch } from '../drawing/SandSwatch';
import { SAND_WORDS } from './words';

interface SandPanelProps {
  value: SandPreset;
  onValue: (preset: SandPreset) => void;
}

/** The sands as drawn swatches with what the feet say of each. */
export function SandPanel({ value, onValue }: SandPanelProps) {
  return (
    <>
      <h2 className="mb-2 text-base">Sand</h2>
      <RadioGroup.Root
        aria-label="Sand"
        value={value}
        onValueChange={(next) => onValue(next as SandPreset)}
        className="grid grid-cols-2 gap-2"
      >
        {SAND_PRESETS.map((preset) => (
          <RadioGroup.Item
            key={preset}
            value={preset}
            className="rounded border-2 border-hairline p-2 text-left data-[state=checked]:border-flag data-[state=checked]:bg-flag-wash data-[state=checked]:text-on-flag"
          >
            <SandSwatch preset={preset} />
            <span className="mt-1 block font-semibold">{SAND_WORDS[preset].name}</span>
            <span className="block text-sm">{SAND_WORDS[preset].feel}</span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </>
  );
}
