'use client';

import { t } from '@/core/tell/language/t';
import { counted } from '@/core/tell/words/counted';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { monthOf } from '@/core/lesson/plan/month';
import { Pick } from '../kit/fields';
import { FileButton } from '../kit/FileButton';
import { LessonMonth } from './LessonMonth';
import { ask, askWithText, bodyOf } from '../server/client';
import { isDone, remove } from '../server/said';
import { DeletedLink } from '../frame/DeletedLink';
import { TopBar } from '../frame/TopBar';
import { useAssists } from '../frame/who';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { lookAgain } from '../server/cache';
import { v4 as uuid } from 'uuid';

interface LessonListProps {
  lessons: readonly StoredLesson[];
}

const LESSONS = 'lessons';

/** The lessons, latest day first. */
export function LessonList(props: LessonListProps) {
  const router = useRouter();
  const cache = useQueryClient();
  const { data: lessons } = useQuery({
    queryKey: [LESSONS],
    queryFn: () => bodyOf(ask<readonly StoredLesson[]>('/api/lessons')),
    initialData: props.lessons,
  });
  const assists = useAssists();
  const [who, setWho] = useState('');
  const names = [
    ...new Set(lessons.flatMap(({ players }) => players.map(({ name }) => name))),
  ].sort((a, b) => a.localeCompare(b));
  const shown = lessons.filter(
    ({ players }) => who === '' || players.some(({ name }) => name === who),
  );
  const months = [...new Set(shown.map(({ plan }) => monthOf(plan.held_on)))];
  const listAgain = (): Promise<void> => lookAgain(cache, [LESSONS]);

  const take = async (text: string): Promise<void> => {
    const answered = await askWithText<{ known: boolean; added: number }>(
      '/api/lessons/import',
      text,
    );
    if (!isDone(answered)) return;
    const { known, added } = answered.body;
    toast.success(
      known
        ? t('This lesson already exists and was not changed; {balls} added.', {
            balls: counted(added, 'ball'),
          })
        : t('Lesson imported with {balls}.', { balls: counted(added, 'ball') }),
    );
    await listAgain();
  };

  return (
    <>
      <TopBar room="Lessons" />
      <main className="mx-auto w-full max-w-[60rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{t('Lessons')}</h1>
          {!assists && (
            <>
              <FileButton accept=".json,application/json" onText={(text) => void take(text)}>
                {t('Import')}
              </FileButton>
              <button
                type="button"
                onClick={() => router.push(`/lessons/${uuid()}/plan`)}
                className="button-main"
              >
                {t('Plan a lesson')}
              </button>
            </>
          )}
        </header>
        {lessons.length === 0 ? (
          <p className="mt-6 text-lg leading-relaxed">
            {t(
              'No lessons yet. A lesson has a date, one to eight players, and stations. Balls are logged at the bunker and reviewed afterwards.',
            )}
          </p>
        ) : (
          <>
            {names.length > 1 && (
              <div className="mt-4 flex">
                <Pick
                  label={t('Player')}
                  value={who}
                  onValue={setWho}
                  options={[['', t('everyone')], ...names.map((name) => [name, name] as const)]}
                />
              </div>
            )}
            {months.map((month) => (
              <LessonMonth
                key={month}
                lessons={shown.filter(({ plan }) => monthOf(plan.held_on) === month)}
                onRemove={({ id, plan }) =>
                  void remove(`/api/lessons/${id}`, plan.place, listAgain)
                }
              />
            ))}
          </>
        )}
        <p className="mt-4">
          {assists ? (
            <Link
              prefetch={false}
              href="/practice/own-eye"
              className="underline underline-offset-4"
            >
              {t('Train your own eye')}
            </Link>
          ) : (
            <DeletedLink />
          )}
        </p>
      </main>
    </>
  );
}
