'use client';

import { t } from '@/core/tell/language/t';
import { useRouter } from 'next/navigation';
import { bandWords, pointsWords } from '@/core/tell/lessons/bandWords';
import { stationOf, type StoredTest } from '@/core/lesson/bunkerTest/test';
import type { Skill } from '@/core/ground/player/player';
import { saidShot } from '@/core/tell/grammar/saidShot';
import { nobodyAhead } from '@/core/tell/script/care';
import { TopBar } from '../frame/TopBar';
import { Alert } from '../kit/Alert';
import { CommandHints, useCommands, type Command } from '../kit/commands';
import { sayDay } from '../kit/day';
import { useUnits } from '../kit/units';
import { remove } from '../server/said';
import { TestResult } from './TestResult';
import { useTappedTest } from './useTappedTest';

interface TestPageProps {
  id: string;
  stored: StoredTest;
  /** The player's level. */
  skill: Skill;
  /** The player's other tests that are whole, the latest first. */
  others: readonly StoredTest[];
}

/** A bunker test as it is hit: ball by ball a tap, and what it came to. */
export function TestPage({ id, stored, skill, others }: TestPageProps) {
  const units = useUnits();
  const router = useRouter();
  const { test, fault, hit, undo, saveAgain } = useTappedTest(id, stored.test);
  const { hits, balls, stations } = test;
  const whole = hits.length === balls;
  const station = stationOf(Math.min(hits.length, balls - 1), balls);

  const commands: Command[] = [
    ...bandWords().map((words, band): Command => ({
      name: t('Ball: {words}', { words }),
      group: t('Test'),
      key: String(band + 1),
      act: () => hit(band),
    })),
    {
      name: t('Undo the last ball'),
      group: t('Test'),
      key: 'mod+z',
      hint: t('undo last ball'),
      act: undo,
    },
  ];
  useCommands(commands);

  return (
    <>
      <TopBar room="Practice">
        {whole && (
          <a href={`/practice/tests/${id}/pdf`} className="button-quiet">
            {t('PDF')}
          </a>
        )}
      </TopBar>
      <main className="mx-auto w-full max-w-[60rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">
            {stored.playerName}, {sayDay(test.held_on)}
          </h1>
          <button
            type="button"
            onClick={() =>
              void remove(
                `/api/tests/${id}`,
                t('test of {playerName}', { playerName: stored.playerName }),
                () => router.push('/practice/tests'),
              )
            }
            className="button hover:text-harm"
          >
            {t('Delete')}
          </button>
          <button type="button" disabled={hits.length === 0} onClick={undo} className="button">
            {t('Undo last ball')}
          </button>
        </header>
        {fault && (
          <Alert className="mt-3">
            {t('Not saved yet: {fault}', { fault })}{' '}
            <button type="button" className="min-h-11 underline" onClick={saveAgain}>
              {t('Save again')}
            </button>
          </Alert>
        )}
        {whole ? (
          <TestResult test={test} skill={skill} others={others} />
        ) : (
          <section aria-labelledby="ball" className="mt-4">
            <h2 id="ball" className="text-2xl" aria-live="polite">
              {t('Ball {hits} of {balls}, station {station}', {
                hits: hits.length + 1,
                balls,
                station: station + 1,
              })}
            </h2>
            <p className="mt-1 text-lg">{saidShot(stations[station]!.shot, units)}</p>
            <p className="mt-3 font-semibold">{t('Where did it stop?')}</p>
            <div className="mt-2 grid grid-cols-3 gap-3 max-sm:grid-cols-2 max-sm:gap-2">
              {bandWords().map((words, band) => (
                <button
                  key={words}
                  type="button"
                  onClick={() => hit(band)}
                  className="flex min-h-16 flex-wrap items-center justify-between rounded border-2 border-ink px-4 py-2 text-left text-lg font-semibold max-sm:px-3 hover:bg-flag-wash hover:text-on-flag"
                >
                  {words}
                  <span className="text-sm font-normal">{pointsWords(band)}</span>
                </button>
              ))}
            </div>
            <p className="mt-3 text-sm text-ink-soft">
              {t('Paces from the flag to the ball. {nobodyAhead}.', { nobodyAhead: nobodyAhead() })}
            </p>
            <p className="mt-2 flex flex-wrap gap-x-4 text-sm text-ink-soft max-md:hidden">
              <span>{t('1 to {bands}: where it stopped', { bands: bandWords().length })}</span>
              <CommandHints commands={commands} />
            </p>
          </section>
        )}
      </main>
    </>
  );
}
