'use client';

import { choices } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { SAND_PRESETS, type SandPreset } from '@/core/ground/sand/presets';
import { SAND_WORDS } from '@/core/tell/words/situation';
import { Alert } from '../kit/Alert';
import { save } from '../kit/files';
import { askForFile, saidOf } from '../server/client';
import { useUnits } from '../kit/units';
import { Pick } from '../kit/fields';

const SHEETS = choices([
  ['single', 'PDF, one card'],
  ['four', 'PDF, four on a page'],
]);
type Sheet = (typeof SHEETS)[number][0];

/** The pocket card: two sides, alone or four on a page. */
export function PocketLinks({ playerId }: { playerId: string }) {
  const units = useUnits();
  const [sand, setSand] = useState<SandPreset>('medium');
  const [said, setSaid] = useState(units);
  const [working, setWorking] = useState(false);
  const [fault, setFault] = useState<string | null>(null);

  const print = async (sheet: Sheet): Promise<void> => {
    setWorking(true);
    setFault(null);
    const query = new URLSearchParams({ sand, units: said, sheet });
    const reply = await askForFile(`/players/${playerId}/pocket?${query}`);
    if (reply.kind === 'ok') save(`${playerId}-pocket-card.pdf`, reply.body, 'application/pdf');
    else setFault(saidOf(reply));
    setWorking(false);
  };
  return (
    <section aria-labelledby="pocket">
      <h2 id="pocket" className="text-2xl">
        {t('Pocket card')}
      </h2>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <Pick
          label={t('Sand')}
          value={sand}
          onValue={setSand}
          options={SAND_PRESETS.filter((each) => each !== 'hardpan').map(
            (each) => [each, SAND_WORDS[each].short] as const,
          )}
        />
        <Pick
          label={t('In')}
          value={said}
          onValue={setSaid}
          options={[
            ['yards', t('yards')],
            ['metres', t('metres')],
          ]}
        />
        {SHEETS.map(([sheet, words]) => (
          <button
            key={sheet}
            type="button"
            className="button"
            disabled={working}
            onClick={() => void print(sheet)}
          >
            {words}
          </button>
        ))}
        <p role="status" className="flex min-h-11 items-center text-ink-soft">
          {working && t('Working out the call at every distance: about ten seconds.')}
        </p>
      </div>
      {fault && <Alert className="mt-2">{fault}</Alert>}
    </section>
  );
}
