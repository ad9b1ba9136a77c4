'use client';

import { useState } from 'react';
import { SAND_PRESETS, type SandPreset } from '@/core/ground/sand/presets';
import { SAND_WORDS } from '@/core/tell/words/situation';
import { useUnits } from '../kit/units';
import { Pick } from '../kit/fields';

const LINK = 'flex h-11 items-center rounded border-2 border-hairline px-4 hover:bg-paper-deep';

/** The pocket card: two sides, alone or four on a page. */
export function PocketLinks({ playerId }: { playerId: string }) {
  const units = useUnits();
  const [sand, setSand] = useState<SandPreset>('medium');
  const [said, setSaid] = useState(units);
  const link = (sheet: 'single' | 'four'): string =>
    `/players/${playerId}/pocket?${new URLSearchParams({ sand, units: said, sheet })}`;
  return (
    <section aria-labelledby="pocket">
      <h2 id="pocket" className="text-2xl">
        Pocket card
      </h2>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <Pick
          label="Sand"
          value={sand}
          onValue={setSand}
          options={SAND_PRESETS.filter((each) => each !== 'hardpan').map(
            (each) => [each, SAND_WORDS[each].short] as const,
          )}
        />
        <Pick
          label="In"
          value={said}
          onValue={setSaid}
          options={[
            ['yards', 'yards'],
            ['metres', 'metres'],
          ]}
        />
        <a href={link('single')} className={LINK}>
          PDF, one card
        </a>
        <a href={link('four')} className={LINK}>
          PDF, four on a page
        </a>
      </div>
    </section>
  );
}
