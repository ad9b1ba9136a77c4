'use client';

import { t } from '@/core/tell/language/t';
import { Copy, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { v4 as uuid } from 'uuid';
import { useQuery } from '@tanstack/react-query';
import { monthOf } from '@/core/lesson/plan/month';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import type { Glance } from '@/core/lesson/review/glance';
import { outMovedWords } from '@/core/tell/lessons/moved';
import { shareWords } from '@/core/tell/lessons/statWords';
import { counted } from '@/core/tell/words/counted';
import { sayDay, sayMonth } from '../kit/day';
import { useAssists } from '../frame/who';
import { IconButton } from '../kit/IconButton';
import { ask, bodyOf } from '../server/client';

interface LessonMonthProps {
  /** Lessons of one month, latest first; at least one. */
  lessons: readonly StoredLesson[];
  onRemove: (lesson: StoredLesson) => void;
}

/** The lessons of a month, with what came out of the bunker and whether that moved. */
export function LessonMonth({ lessons, onRemove }: LessonMonthProps) {
  const day = lessons[0]!.plan.held_on;
  const assists = useAssists();
  const router = useRouter();
  const month = monthOf(day);
  const balls = lessons.reduce((sum, lesson) => sum + lesson.balls, 0);
  // What a list shows beside is not missed where it does not come: nothing is said of a failure.
  const { data: glances } = useQuery({
    queryKey: ['glances', month, balls],
    queryFn: () => bodyOf(ask<Record<string, Glance>>(`/api/lessons/glances?month=${month}`)),
    enabled: balls > 0,
  });
  return (
    <section aria-label={sayMonth(day)} className="mt-5">
      <h2 className="text-lg">{sayMonth(day)}</h2>
      <ul>
        {lessons.map((lesson) => (
          <li key={lesson.id} className="flex items-center gap-3 border-b border-hairline py-1.5">
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
                {counted(lesson.plan.stations.length, 'station')} · {counted(lesson.balls, 'ball')}
                {lesson.closed && ` ${t('· closed')}`}
              </span>
              {/* Its room is there before it comes: nothing below moves under a finger. */}
              {lesson.balls > 0 && (
                <span className="block min-h-5 text-sm text-ink-soft">
                  {glances?.[lesson.id] && glanceWords(glances[lesson.id]!)}
                </span>
              )}
            </Link>
            {!assists && (
              <>
                <Link
                  prefetch={false}
                  href={`/lessons/${lesson.id}/review`}
                  className="flex h-11 items-center px-2 underline underline-offset-4"
                >
                  {t('Review')}
                </Link>
                <IconButton
                  label={t('Repeat the lesson at {place}', { place: lesson.plan.place })}
                  onClick={() => router.push(`/lessons/${uuid()}/plan?like=${lesson.id}`)}
                >
                  <Copy size={18} aria-hidden="true" />
                </IconButton>
                <IconButton
                  label={t('Delete the lesson at {place}', { place: lesson.plan.place })}
                  onClick={() => onRemove(lesson)}
                  harm
                >
                  <Trash2 size={18} aria-hidden="true" />
                </IconButton>
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What came out, and how that moved between the halves of the players' balls. */
function glanceWords({ out, halves }: Glance): string {
  if (out.of === 0) return '';
  const moved = halves && outMovedWords(halves.first, halves.second);
  return t('Out of the bunker: {share}{moved}', {
    share: shareWords(out),
    moved: moved ? `; ${moved}` : '',
  });
}
