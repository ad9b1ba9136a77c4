'use client';

import { t } from '@/core/tell/language/t';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { Norms } from '@/core/lesson/bunkerTest/figure';
import { SAND_PRESETS, type SandPreset } from '@/core/ground/sand/presets';
import {
  randomStations,
  standardStations,
  STATIONS,
  TEST_BALLS,
  type BunkerTest,
} from '@/core/lesson/bunkerTest/test';
import { situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import { saidShot } from '@/core/tell/grammar/saidShot';
import { FIRST_SHOT } from '@/core/contract/reading/reading';
import { SAND_WORDS } from '@/core/tell/words/situation';
import { useTask } from '../engine/useTask';
import { TopBar } from '../frame/TopBar';
import { Alert } from '../kit/Alert';
import { Pick, TextInput } from '../kit/fields';
import { useUnits } from '../kit/units';
import { ask, saidOf } from '../server/client';

interface NewTestProps {
  id: string;
  player: RosterPlayer;
  /** YYYY-MM-DD. */
  today: string;
}

const DECIMALS = 4;
const ROUND = 10 ** DECIMALS;

/** Chances with few decimals. */
const rounded = (norms: Norms): Norms => {
  const few = (chances: readonly number[]): number[] =>
    chances.map((chance) => Math.round(chance * ROUND) / ROUND);
  const { expert, good, middle, beginner } = norms;
  return { expert: few(expert), good: few(good), middle: few(middle), beginner: few(beginner) };
};

/** What each level does, station by station, as far as it is worked out. */
interface NormsSoFar {
  norms: readonly (Norms | null)[];
  done: number;
}

/** A test to be begun: its stations and sand, and what the engine expects there, worked out before the first ball. */
export function NewTest({ id, player, today }: NewTestProps) {
  const units = useUnits();
  const router = useRouter();
  const [sand, setSand] = useState<SandPreset>('medium');
  const [balls, setBalls] = useState<number>(TEST_BALLS[0]);
  const [seed, setSeed] = useState(0);
  const [place, setPlace] = useState(t('Practice bunker'));
  const [begun, setBegun] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const shots = seed === 0 ? standardStations(sand) : randomStations(sand, seed, units);
  const { status, value, failure } = useTask<NormsSoFar>(
    begun ? JSON.stringify([id, shots]) : null,
    async ({ engine, signal, show }) => {
      const situation = situationFor(player, FIRST_SHOT);
      const norms: (Norms | null)[] = shots.map(() => null);
      let done = 0;
      await Promise.all(
        shots.map(async (shot, i) => {
          const [norm] = await engine.run('testNorms', [situation, [shot]], { signal });
          norms[i] = norm ?? null;
          show({ norms, done: ++done });
        }),
      );
      return { norms, done };
    },
  );
  const worked = status === 'done' ? value : null;
  useEffect(() => {
    if (!worked) return;
    const refuse = (message: string): void => {
      setFault(message);
      setBegun(false);
    };
    const none = worked.norms.indexOf(null);
    if (none >= 0) {
      refuse(
        t(
          'No club in this bag gets out towards the flag from station {none}. Choose other stations.',
          {
            none: none + 1,
          },
        ),
      );
      return;
    }
    const test: BunkerTest = {
      player: player.id,
      held_on: today,
      place,
      sand,
      balls,
      stations: shots.map((shot, i) => ({ shot, norms: rounded(worked.norms[i]!) })),
      hits: [],
      note: '',
    };
    void ask(`/api/tests/${id}`, 'PUT', test).then((answered) => {
      if (answered.kind === 'ok') router.refresh();
      else refuse(saidOf(answered));
    });
    // Once, when the norms are there: what is chosen stands still from the start on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [worked]);
  return (
    <>
      <TopBar room="Practice" />
      <main className="mx-auto w-full max-w-[60rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">
            {t('Bunker test for {player}', { player: player.name })}
          </h1>
          <button
            type="button"
            disabled={begun}
            onClick={() => {
              setFault(null);
              setBegun(true);
            }}
            className="button-main"
          >
            {t('Start the test')}
          </button>
        </header>
        {(fault ?? failure) && <Alert className="mt-3">{fault ?? failure?.message}</Alert>}
        {begun && !failure && (
          <>
            <p role="status" className="mt-3">
              {t('Working out what each level does from these stations …')}
            </p>
            <progress
              aria-label={t('Stations worked out')}
              value={value?.done ?? 0}
              max={STATIONS}
              className="progress mt-1 w-full"
            />
          </>
        )}
        <div className="mt-4 flex flex-wrap items-end gap-4">
          <Pick
            label={t('Balls')}
            value={String(balls)}
            onValue={(count) => setBalls(Number(count))}
            options={TEST_BALLS.map((count) => [String(count), String(count)] as const)}
          />
          <Pick
            label={t('Sand today')}
            value={sand}
            onValue={setSand}
            options={SAND_PRESETS.map((each) => [each, SAND_WORDS[each].name] as const)}
          />
          <Pick
            label={t('Stations')}
            value={seed === 0 ? 'standard' : 'random'}
            onValue={(kind) => setSeed(kind === 'standard' ? 0 : 1)}
            options={[
              ['standard', t('standard')],
              ['random', t('random')],
            ]}
          />
          {seed > 0 && (
            <button type="button" onClick={() => setSeed(seed + 1)} className="button">
              {t('Other stations (set {seed})', { seed })}
            </button>
          )}
          <div className="min-w-48 grow">
            <TextInput
              label={t('Place')}
              maxLength={120}
              value={place}
              onChange={({ target }) => setPlace(target.value)}
            />
          </div>
        </div>
        <ol className="mt-4 list-decimal space-y-1 pl-5">
          {shots.map((shot, i) => (
            <li key={i}>{saidShot(shot, units)}</li>
          ))}
        </ol>
        <p className="mt-3 max-w-[65ch] text-sm text-ink-soft">
          {t(
            '{balls} balls from each station, in this order, with no second tries. Hitting the same set on another day shows whether something has changed.',
            { balls: balls / STATIONS },
          )}
        </p>
      </main>
    </>
  );
}
