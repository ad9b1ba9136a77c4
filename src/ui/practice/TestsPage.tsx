'use client';

import { t } from '@/core/tell/language/t';
import { Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { mostPoints } from '@/core/lesson/bunkerTest/bands';
import { believedOf, figureOf, pointsOf } from '@/core/lesson/bunkerTest/figure';
import type { StoredTest } from '@/core/lesson/bunkerTest/test';
import { figureWords } from '@/core/tell/lessons/testWords';
import { DeletedLink } from '../frame/DeletedLink';
import { TopBar } from '../frame/TopBar';
import { sayDay } from '../kit/day';
import { IconButton } from '../kit/IconButton';
import { lookAgain } from '../server/cache';
import { ask, bodyOf } from '../server/client';
import { remove } from '../server/said';
import { PlayerLinks } from './PlayerLinks';
import { PracticeNav } from '../frame/PracticeNav';

interface TestsPageProps {
  tests: readonly StoredTest[];
  players: readonly { id: string; name: string }[];
}

const TESTS = 'tests';

/** The bunker tests of everybody, and a way to a new one. */
export function TestsPage({ players, ...props }: TestsPageProps) {
  const cache = useQueryClient();
  const { data: tests } = useQuery({
    queryKey: [TESTS],
    queryFn: () => bodyOf(ask<readonly StoredTest[]>('/api/tests')),
    initialData: props.tests,
  });
  return (
    <>
      <TopBar room="Practice" />
      <main className="mx-auto w-full max-w-[60rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{t('Bunker tests')}</h1>
          <PracticeNav part="Bunker tests" />
        </header>
        <p className="mt-2 max-w-[65ch]">
          {t(
            'Ten or twenty balls from five stations. Each ball scores by how close it stops, compared with what the model expects of every level in this sand.',
          )}
        </p>
        <PlayerLinks
          title={t('Test')}
          players={players}
          hrefOf={(id) => `/practice/tests/new?player=${encodeURIComponent(id)}`}
        />
        {tests.length === 0 ? (
          <p className="mt-6 text-lg">{t('No tests yet. Choose a player to start one.')}</p>
        ) : (
          <>
            <ul className="mt-6">
              {tests.map(({ id, test, playerName }) => (
                <li key={id} className="flex items-center gap-3 border-b border-hairline py-1.5">
                  <Link
                    prefetch={false}
                    href={`/practice/tests/${id}`}
                    className="min-w-0 grow rounded px-2 py-1.5 hover:bg-flag-wash hover:text-on-flag"
                  >
                    <span className="block font-semibold">
                      {playerName}, {sayDay(test.held_on)}
                    </span>
                    <span className="block text-sm">{standing(test)}</span>
                  </Link>
                  <IconButton
                    label={t('Delete the test of {playerName} on {day}', {
                      playerName,
                      day: sayDay(test.held_on),
                    })}
                    onClick={() =>
                      void remove(
                        `/api/tests/${id}`,
                        t('test of {playerName}', { playerName }),
                        () => lookAgain(cache, [TESTS]),
                      )
                    }
                    harm
                  >
                    <Trash2 size={18} aria-hidden="true" />
                  </IconButton>
                </li>
              ))}
            </ul>
            <p className="mt-4 flex items-baseline gap-6">
              <a href="/api/tests/export" download className="underline underline-offset-4">
                {t('Export as CSV')}
              </a>
              <DeletedLink />
            </p>
          </>
        )}
      </main>
    </>
  );
}

/** What a test came to so far. */
function standing({ hits, balls, stations }: StoredTest['test']): string {
  const points = t('{pointsOf} of {mostPoints} points', {
    pointsOf: pointsOf(hits),
    mostPoints: mostPoints(hits.length),
  });
  if (hits.length < balls)
    return t('{hits} of {balls} balls, {points}', { hits: hits.length, balls, points });
  const norms = stations.map((station) => station.norms);
  return `${points}. ${figureWords(figureOf(believedOf(hits, norms)))}`;
}
