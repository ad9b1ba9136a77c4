'use client';

import { t } from '@/core/tell/language/t';
import { Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { drillsById, type ListedDrill } from '@/core/lesson/drills/chosen';
import { sessionCount, sessionsFor } from '@/core/lesson/homework/sessions';
import type { StoredHomework } from '@/core/lesson/homework/stored';
import { counted } from '@/core/tell/words/counted';
import { DeletedLink } from '../frame/DeletedLink';
import { TopBar } from '../frame/TopBar';
import { sayDay, sayWeekday } from '../kit/day';
import { IconButton } from '../kit/IconButton';
import { lookAgain } from '../server/cache';
import { ask, bodyOf } from '../server/client';
import { remove } from '../server/said';
import { PlayerLinks } from './PlayerLinks';
import { PracticeNav } from '../frame/PracticeNav';

interface PracticePageProps {
  plans: readonly StoredHomework[];
  drills: readonly ListedDrill[];
  /** Players who may be chosen at once; others are found by name. */
  players: readonly { id: string; name: string }[];
  today: string;
}

const PRACTICE = 'practice';

const planFor = (player: string): string => `/practice/new?player=${encodeURIComponent(player)}`;

/** Who practises what: the plans, what comes next in each, and a way to a new one. */
export function PracticePage({ drills, players, today, ...props }: PracticePageProps) {
  const cache = useQueryClient();
  const { data: plans } = useQuery({
    queryKey: [PRACTICE],
    queryFn: () => bodyOf(ask<readonly StoredHomework[]>('/api/practice')),
    initialData: props.plans,
  });
  const known = drillsById(drills);
  return (
    <>
      <TopBar room="Practice" />
      <main className="mx-auto w-full max-w-[60rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{t('Practice')}</h1>
          <PracticeNav part="Plans" />
        </header>
        <PlayerLinks title={t('Plan practice for')} players={players} hrefOf={planFor} />
        {plans.length === 0 ? (
          <p className="mt-6 text-lg leading-relaxed">
            {t(
              'No practice planned yet. A plan has days, drills and ball counts, goes into the player’s calendar, and fills with results.',
            )}
          </p>
        ) : (
          <ul className="mt-6">
            {plans.map((homework) => (
              <li
                key={homework.id}
                className="flex items-center gap-3 border-b border-hairline py-1.5"
              >
                <Link
                  prefetch={false}
                  href={`/practice/${homework.id}`}
                  className="min-w-0 grow rounded px-2 py-1.5 hover:bg-flag-wash hover:text-on-flag"
                >
                  <span className="block font-semibold">{homework.playerName}</span>
                  <span className="block text-sm">
                    {t('{weeks} from {day} · {standing}', {
                      weeks: counted(homework.plan.weeks, 'week'),
                      day: sayDay(homework.plan.starts_on),
                      standing: standing(homework, known, today),
                    })}
                  </span>
                </Link>
                <IconButton
                  label={t('Delete practice for {playerName}', { playerName: homework.playerName })}
                  onClick={() =>
                    void remove(
                      `/api/practice/${homework.id}`,
                      t('practice for {playerName}', { playerName: homework.playerName }),
                      () => lookAgain(cache, [PRACTICE]),
                    )
                  }
                  harm
                >
                  <Trash2 size={18} aria-hidden="true" />
                </IconButton>
              </li>
            ))}
          </ul>
        )}
        <p className="mt-4">
          <DeletedLink />
        </p>
      </main>
    </>
  );
}

/** How far a plan is, and when it goes on. */
function standing(
  homework: StoredHomework,
  drills: ReadonlyMap<string, ListedDrill>,
  today: string,
): string {
  const sessions = sessionsFor(homework, drills, today);
  const done = sessions.filter(({ state }) => state === 'done').length;
  const missed = sessions.filter(({ state }) => state === 'missed').length;
  const next = sessions.find(({ state }) => state === 'coming');
  return [
    t('{done} of {sessions} done', {
      done,
      sessions: counted(sessionCount(homework.plan), 'session'),
    }),
    ...(missed > 0 ? [t('{missed} missed', { missed })] : []),
    next
      ? t('next {weekday} at {last}', { weekday: sayWeekday(next.day), last: homework.plan.at })
      : 'finished',
  ].join(', ');
}
