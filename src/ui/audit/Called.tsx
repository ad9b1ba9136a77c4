'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import type { MixedShot } from '@/core/search/audit/mix';
import { NO_CLUB, usageOf } from '@/core/search/audit/usage';
import type { MixChoice } from '@/core/contract/reading/mixChoice';
import { useTask } from '../engine/useTask';
import { usePreferences } from '../frame/preferences';
import { Alert } from '../kit/Alert';

/** Shots that are looked at in one go. */
const TOGETHER = 4;

interface CalledProps {
  /** Who plays, and what the house prefers, in the outside format; its shot does not matter. */
  situation: object;
  bag: readonly { name: string }[];
  choice: MixChoice;
}

/** A mix with the club called in each of its shots, as far as that is known. */
interface CalledSoFar {
  mix: readonly MixedShot[];
  called: readonly (string | undefined)[];
}

/** How often each club is called over a mix of shots, filling up as it is worked out: by itself, or where the browser is told so when asked. */
export function Called({ situation, bag, choice }: CalledProps) {
  const { looking } = usePreferences();
  const [asked, setAsked] = useState(looking === 'by-itself');
  const { value, failure } = useTask<CalledSoFar>(
    asked ? JSON.stringify([situation, choice]) : null,
    async ({ engine, signal, show }) => {
      const mix = await engine.run('mix', [choice], { signal });
      const called: (string | undefined)[] = mix.map(() => undefined);
      const looking = mix
        .flatMap((_, from) => (from % TOGETHER === 0 ? [from] : []))
        .map(async (from) => {
          const shots = mix.slice(from, from + TOGETHER).map(({ shot }) => shot);
          const clubs = await engine.run('clubsCalled', [situation, shots], { signal });
          clubs.forEach((club, i) => (called[from + i] = club));
          show({ mix, called: [...called] });
        });
      await Promise.all(looking);
      return { mix, called };
    },
  );
  const done = value?.called.filter((club) => club !== undefined).length ?? 0;
  return (
    <section aria-labelledby="called">
      <h3 id="called" className="text-lg">
        {t('How often each club is called')}
      </h3>
      {failure && <Alert>{failure.message}</Alert>}
      {!asked && (
        <button type="button" className="button" onClick={() => setAsked(true)}>
          {t('Count the calls')}
        </button>
      )}
      {asked && !failure && !(value && done === value.mix.length) && (
        <progress
          aria-label={t('Shots checked')}
          value={done}
          max={value?.mix.length ?? 1}
          className="progress w-full"
        />
      )}
      <dl>
        {(value ? usageOf(bag, value.mix, value.called) : []).map(({ club, share }) => (
          <div key={club} className="grid grid-cols-[4rem_1fr_3rem] items-center gap-3 py-0.5">
            <dt className="font-semibold">{club === NO_CLUB ? t('not towards the flag') : club}</dt>
            <dd aria-hidden="true" className="h-2 rounded bg-hairline">
              <span
                className="block h-full rounded bg-(--call-1)"
                style={{ width: `${share * 100}%` }}
              />
            </dd>
            <dd className="text-right">{Math.round(share * 100)} %</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
