'use client';

import { WORKED_WORDS } from '@/core/tell/drills/workedWords';
import { written } from '@/core/tell/language/written';
import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import type { ListedDrill } from '@/core/lesson/drills/chosen';
import type { PlanItem } from '@/core/lesson/homework/plan';
import { advised, planItems } from '@/core/lesson/worth/advice';
import { clubAdvice } from '@/core/tell/drills/adviceWords';
import { HOUR } from '@/core/lesson/worth/gains';
import { worthOf, type ShotWorth } from '@/core/lesson/worth/worth';
import type { RosterPlayer } from '@/core/lesson/players/player';
import type { MixChoice } from '@/core/contract/reading/mixChoice';
import { counted } from '@/core/tell/words/counted';
import { useTask } from '../engine/useTask';
import { Alert } from '../kit/Alert';
import { Pick } from '../kit/fields';
import { useUnits } from '../kit/units';

interface WorthPanelProps {
  player: RosterPlayer;
  /** The player in the house, in the outside format. */
  situation: object;
  /** Readings of this player that a mix can be made of. */
  readings: readonly object[];
  drills: readonly ListedDrill[];
  /** Takes drills for what is worth most into the plan. */
  onItems: (items: PlanItem[]) => void;
}

/** Shots that are looked at, an even sample of the mix, and those that go to a thread together. */
const SHOTS = 16;
const TOGETHER = 2;

const percent = (share: number): string => `${Math.round(share * 100)}%`;

interface SoFar {
  worths: readonly ShotWorth[];
  done: number;
  of: number;
}

/** What is worth most to practise: strokes saved a bunker shot, most first, filling up as it is worked out. */
export function WorthPanel({ player, situation, readings, drills, onItems }: WorthPanelProps) {
  const units = useUnits();
  const [hour, setHour] = useState<number>(HOUR.usual);
  const [mix, setMix] = useState<'season' | 'readings'>('season');
  const [habit, setHabit] = useState(player.trusted_club ?? '');
  const [asked, setAsked] = useState(false);
  const choice: MixChoice =
    mix === 'season' ? { kind: 'season' } : { kind: 'readings', situations: readings };
  const { status, value, failure, stop } = useTask<SoFar>(
    asked ? JSON.stringify([situation, mix, hour, habit]) : null,
    async ({ engine, signal, show }) => {
      const shots = (await engine.run('mix', [choice], { signal })).slice(0, SHOTS);
      const so: SoFar = { worths: [], done: 0, of: shots.length };
      const looking = shots
        .flatMap((_, from) => (from % TOGETHER === 0 ? [from] : []))
        .map(async (from) => {
          const some = shots.slice(from, from + TOGETHER).map(({ shot }) => shot);
          const worths = await engine.run('practiceWorth', [situation, some, hour, habit || null], {
            signal,
          });
          so.worths = [...so.worths, ...worths];
          so.done += some.length;
          show({ ...so });
        });
      await Promise.all(looking);
      return { ...so };
    },
  );
  const worths = (value ? worthOf(value.worths) : []).filter(
    // Of a club that nobody knows nothing can be said.
    ({ what }) => what !== 'club' || habit !== '',
  );
  const most = Math.max(0.001, ...worths.map(({ saved }) => saved.high));
  const running = status === 'running';
  const club = value && clubAdvice(value.worths, habit || null, units);
  return (
    <section aria-labelledby="worth" aria-busy={running}>
      <h2 id="worth" className="text-xl">
        {t('What is worth most')}
      </h2>
      <p className="mt-1 max-w-[65ch] text-sm text-ink-soft">
        {t(
          'Strokes saved per 100 bunker shots by an hour of practice, as the model plays this player. What an hour gains is an assumption: change it.',
        )}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Pick
          label={t('An hour narrows a spread by')}
          value={String(hour)}
          onValue={(share) => setHour(Number(share))}
          options={HOUR.choices.map((share) => [String(share), percent(share)] as const)}
        />
        <Pick
          label={t('Usual club from sand')}
          value={habit}
          onValue={setHabit}
          options={[['', t('not known')], ...player.bag.map(({ name }) => [name, name] as const)]}
        />
        {readings.length > 0 && (
          <Pick
            label={t('Bunkers')}
            value={mix}
            onValue={setMix}
            options={[
              ['season', t('a typical season')],
              [
                'readings',
                t('this player’s {readings}', { readings: counted(readings.length, 'reading') }),
              ],
            ]}
          />
        )}
        {!asked && (
          <button type="button" onClick={() => setAsked(true)} className="button">
            {t('Work it out')}
          </button>
        )}
        {running && (
          <button type="button" onClick={stop} className="button">
            {t('Stop')}
          </button>
        )}
      </div>
      {failure && <Alert>{failure.message}</Alert>}
      {running && (
        <progress
          aria-label={t('Shots worked out')}
          value={value?.done ?? 0}
          max={value?.of ?? SHOTS}
          className="progress mt-2 w-full max-w-2xl"
        />
      )}
      {worths.length > 0 && (
        <>
          <ol className="mt-2 max-w-2xl space-y-2">
            {worths.map(({ what, saved }, i) => (
              <li key={what}>
                <p className="flex flex-wrap items-baseline gap-x-2">
                  <span className={i === 0 ? 'font-semibold' : ''}>
                    {i + 1}. {WORKED_WORDS[what].name}
                  </span>
                  <span className="text-sm">
                    {t('{strokes} strokes ({low} to {high})', {
                      strokes: inHundred(saved.mean),
                      low: inHundred(saved.low),
                      high: inHundred(saved.high),
                    })}
                  </span>
                </p>
                <div aria-hidden="true" className="relative h-3">
                  <span
                    className="absolute inset-y-1 rounded bg-hairline"
                    style={spanOf(saved.low, saved.high, most)}
                  />
                  <span
                    className="absolute inset-y-0 w-1.5 rounded bg-(--call-1)"
                    style={{ left: `calc(${(Math.max(0, saved.mean) / most) * 100}% - 0.2rem)` }}
                  />
                </div>
              </li>
            ))}
          </ol>
          <p className="mt-1 text-sm text-ink-soft">
            {t('In brackets: 90% confidence, over {shots}', {
              shots: counted(value!.worths.length, 'shot'),
            })}
            {running && ` ${t('so far')}`}
            {t(
              '. Players at this level differ: where the intervals overlap, the order is not certain.',
            )}
          </p>
          {club && <p className="mt-2 border-l-4 border-flag pl-2">{club}</p>}
          {!running &&
            (advised(worths).length > 0 ? (
              <button
                type="button"
                onClick={() => onItems(planItems(worths, drills, player.cautions))}
                className="button mt-3"
              >
                {t('Use drills for these')}
              </button>
            ) : (
              <p className="mt-2">
                {t('An hour gains little here. Keep what works, and play for score.')}
              </p>
            ))}
        </>
      )}
    </section>
  );
}

/** Strokes a shot as strokes in a hundred; never less than none. */
const inHundred = (strokes: number): string => written((100 * Math.max(0, strokes)).toFixed(1));

/** Where an interval lies on a line from none to the most. */
const spanOf = (low: number, high: number, most: number) => ({
  left: `${(Math.max(0, low) / most) * 100}%`,
  right: `${100 - (Math.max(0, high) / most) * 100}%`,
});
