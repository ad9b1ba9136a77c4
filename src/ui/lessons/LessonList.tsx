'use client';

import { counted } from '@/core/tell/words/counted';
import { textOf } from '@/core/tell/format/textOf';
import { Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { sayDay, sayMonth } from '../kit/day';
import { Pick } from '../kit/fields';
import { IconButton } from '../kit/IconButton';
import { ask, askWithText, bodyOf } from '../server/client';
import { isDone, remove } from '../server/said';
import { DeletedLink } from '../frame/DeletedLink';
import { TopBar } from '../frame/TopBar';
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
  const [who, setWho] = useState('');
  const names = [
    ...new Set(lessons.flatMap(({ players }) => players.map(({ name }) => name))),
  ].sort((a, b) => a.localeCompare(b));
  const shown = lessons.filter(
    ({ players }) => who === '' || players.some(({ name }) => name === who),
  );
  const months = [...new Set(shown.map(({ plan }) => sayMonth(plan.held_on)))];
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
        ? `This lesson already exists and was not changed; ${counted(added, 'ball')} added.`
        : `Lesson imported with ${counted(added, 'ball')}.`,
    );
    await listAgain();
  };

  return (
    <>
      <TopBar room="Lessons" />
      <main className="mx-auto w-full max-w-[60rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">Lessons</h1>
          <label className="button cursor-pointer focus-within:outline-3">
            Import
            <input
              type="file"
              accept=".json,application/json"
              className="sr-only"
              onChange={(event) => {
                const [file] = event.target.files ?? [];
                if (file)
                  void file.arrayBuffer().then((read) => take(textOf(new Uint8Array(read))));
                event.target.value = '';
              }}
            />
          </label>
          <button
            type="button"
            onClick={() => router.push(`/lessons/${uuid()}/plan`)}
            className="button-main"
          >
            Plan a lesson
          </button>
        </header>
        {lessons.length === 0 ? (
          <p className="mt-6 text-lg leading-relaxed">
            No lessons yet. A lesson has a date, one to eight players, and stations. Balls are
            logged at the bunker and reviewed afterwards.
          </p>
        ) : (
          <>
            {names.length > 1 && (
              <div className="mt-4 flex">
                <Pick
                  label="Player"
                  value={who}
                  onValue={setWho}
                  options={[['', 'everyone'], ...names.map((name) => [name, name] as const)]}
                />
              </div>
            )}
            {months.map((month) => (
              <section key={month} aria-label={month} className="mt-4">
                <h2 className="text-lg">{month}</h2>
                <ul>
                  {shown
                    .filter(({ plan }) => sayMonth(plan.held_on) === month)
                    .map((lesson) => (
                      <li
                        key={lesson.id}
                        className="flex items-center gap-3 border-b border-hairline py-1.5"
                      >
                        <Link
                          prefetch={false}
                          href={`/lessons/${lesson.id}`}
                          className="min-w-0 grow rounded px-2 py-1.5 hover:bg-flag-wash hover:text-on-flag"
                        >
                          <span className="block font-semibold">
                            {sayDay(lesson.plan.held_on)}, {lesson.plan.place}
                          </span>
                          <span className="block text-sm">
                            {lesson.players.map(({ name }) => name).join(', ')} ·{' '}
                            {counted(lesson.plan.stations.length, 'station')} ·{' '}
                            {counted(lesson.balls, 'ball')}
                            {lesson.closed && ' · closed'}
                          </span>
                        </Link>
                        <Link
                          prefetch={false}
                          href={`/lessons/${lesson.id}/review`}
                          className="flex h-11 items-center px-2 underline underline-offset-4"
                        >
                          Review
                        </Link>
                        <IconButton
                          label={`Delete the lesson at ${lesson.plan.place}`}
                          onClick={() =>
                            void remove(`/api/lessons/${lesson.id}`, lesson.plan.place, listAgain)
                          }
                          harm
                        >
                          <Trash2 size={18} aria-hidden="true" />
                        </IconButton>
                      </li>
                    ))}
                </ul>
              </section>
            ))}
          </>
        )}
        <p className="mt-4">
          <DeletedLink />
        </p>
      </main>
    </>
  );
}
