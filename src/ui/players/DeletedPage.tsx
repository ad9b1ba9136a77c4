'use client';

import { toldIn } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import type { Deleted } from '@/core/lesson/players/deleted';
import { sayAgo, sayDay } from '../kit/day';
import { TopBar } from '../frame/TopBar';
import { Alert } from '../kit/Alert';
import { ask, bodyOf } from '../server/client';

/** Where each kind of thing is brought back, and what it is called. */
const KINDS = toldIn(['word'], {
  player: { at: 'players', word: 'Player' },
  lesson: { at: 'lessons', word: 'Lesson' },
  reading: { at: 'readings', word: 'Saved reading' },
  practice: { at: 'practice', word: 'Practice plan' },
  test: { at: 'tests', word: 'Bunker test' },
  place: { at: 'places', word: 'Ground' },
} as const);

const titleOf = ({ kind, name, of }: Deleted): string =>
  of === null ? name : `${name}, ${kind === 'reading' ? of : sayDay(of)}`;

/** What was deleted, with a way back for each. */
export function DeletedPage({ first }: { first: readonly Deleted[] }) {
  const cache = useQueryClient();
  const { data, error } = useQuery({
    queryKey: ['deleted'],
    queryFn: () => bodyOf(ask<{ deleted: Deleted[] }>('/api/deleted')),
    initialData: { deleted: [...first] },
  });
  const restore = useMutation({
    mutationFn: ({ kind, id }: Deleted) =>
      bodyOf(ask(`/api/${KINDS[kind].at}/${id}/restore`, 'POST')),
    onSuccess: (_, deleted) => {
      toast.success(t('Brought back: {title}', { title: titleOf(deleted) }));
      // Every list may hold it again.
      return cache.invalidateQueries();
    },
  });
  const fault = error ?? restore.error;
  return (
    <>
      <TopBar room="Players" />
      <main className="mx-auto w-full max-w-[72rem] grow px-6 py-5 max-sm:px-3">
        <h1 className="text-3xl">{t('Recently deleted')}</h1>
        <p className="mt-2 max-w-[70ch]">
          {t(
            'Players, lessons, saved readings, practice plans, tests and ground that were deleted, the latest first. A player comes back with lessons, balls and readings. What was erased is not here: it is gone.',
          )}
        </p>
        {fault && <Alert className="mt-3">{fault.message}</Alert>}
        {data.deleted.length === 0 ? (
          <p className="mt-6 text-lg">{t('Nothing has been deleted.')}</p>
        ) : (
          <ul className="mt-4">
            {data.deleted.map((deleted) => (
              <li
                key={`${deleted.kind}${deleted.id}`}
                className="flex items-center gap-4 border-b border-hairline py-1"
              >
                <span className="min-w-0 grow">
                  <span className="block font-semibold">{titleOf(deleted)}</span>
                  <span className="block text-sm text-ink-soft">
                    {t('{word}, deleted', { word: KINDS[deleted.kind].word })}{' '}
                    <time dateTime={deleted.deletedAt} suppressHydrationWarning>
                      {sayAgo(deleted.deletedAt)}
                    </time>
                  </span>
                </span>
                <button
                  type="button"
                  disabled={restore.isPending}
                  onClick={() => restore.mutate(deleted)}
                  className="button shrink-0 whitespace-nowrap"
                  aria-label={t('Bring back {title}', { title: titleOf(deleted) })}
                >
                  {t('Bring back')}
                </button>
              </li>
            ))}
          </ul>
        )}
      </main>
    </>
  );
}
