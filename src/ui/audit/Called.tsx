'use client';

import { useMemo } from 'react';
import { usageOf } from '@/core/search/audit/usage';
import { mixFor, type MixChoice } from '@/core/tell/reading/mixChoice';
import type { Player } from '@/core/ground/player/player';
import { useTask } from '../engine/useTask';

/** Shots that are looked at in one go. */
const TOGETHER = 4;

interface CalledProps {
  player: Player;
  situation: object;
  choice: MixChoice;
}

/** How often each club is called over a mix of shots, filling up as it is worked out. */
export function Called({ player, situation, choice }: CalledProps) {
  const mix = useMemo(() => mixFor(choice), [choice]);
  const { value, failure } = useTask<readonly (string | undefined)[]>(
    JSON.stringify([situation, choice]),
    async ({ engine, signal, show }) => {
      const called: (string | undefined)[] = mix.map(() => undefined);
      const looking = mix
        .flatMap((_, from) => (from % TOGETHER === 0 ? [from] : []))
        .map(async (from) => {
          const asked = [situation, choice, from, from + TOGETHER] as const;
          const clubs = await engine.run('clubsCalled', [...asked], { signal });
          clubs.forEach((club, i) => (called[from + i] = club));
          show([...called]);
        });
      await Promise.all(looking);
      return called;
    },
  );
  const done = value?.filter((club) => club !== undefined).length ?? 0;
  return (
    <section aria-labelledby="called">
      <h3 id="called" className="text-lg">
        Called how often
      </h3>
      {failure && (
        <p role="alert" className="font-semibold text-harm">
          {failure.message}
        </p>
      )}
      {!failure && done < mix.length && (
        <progress
          aria-label="Shots looked at"
          value={done}
          max={mix.length}
          className="w-full accent-(--call-1)"
        />
      )}
      <dl>
        {(value ? usageOf(player.bag, mix, value) : []).map(({ club, share }) => (
          <div key={club} className="grid grid-cols-[4rem_1fr_3rem] items-center gap-3 py-0.5">
            <dt className="font-semibold">{club}</dt>
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
