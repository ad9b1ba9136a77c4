'use client';

import { t } from '@/core/tell/language/t';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import type { DraftReading, KeptReading } from '@/core/contract/reading/kept';
import { ask, bodyOf, saidOf } from '../../server/client';
import { isDone, remove } from '../../server/said';
import { lookAgain } from '../../server/cache';

/** What a reading is kept with. */
export interface ToKeep {
  name: string;
  playerId: string;
  shot: object;
  called: string;
}

const READINGS = 'readings';
const NONE: readonly KeptReading[] = [];

/**
 * The saved readings that have a text in name, player or call, newest first; the ones before while they are fetched.
 *
 * @param first all of them, as they came with the page
 */
export function useReadings(search: string, first: readonly KeptReading[]) {
  const { data, error } = useQuery({
    queryKey: [READINGS, search],
    queryFn: ({ signal }) =>
      bodyOf(
        ask<readonly KeptReading[]>(
          `/api/readings?search=${encodeURIComponent(search)}`,
          'GET',
          undefined,
          signal,
        ),
      ),
    placeholderData: keepPreviousData,
    // They are as old as the page: shown at once, and fetched again.
    ...(search === '' ? { initialData: first, initialDataUpdatedAt: 0 } : {}),
  });
  return { readings: data ?? NONE, fault: error?.message ?? null };
}

/** The drafts that nobody kept, newest first. */
export function useDrafts(): readonly DraftReading[] {
  const { data } = useQuery({
    queryKey: ['drafts'],
    queryFn: () => bodyOf(ask<readonly DraftReading[]>('/api/drafts')),
    staleTime: 0,
  });
  return data ?? [];
}

/** Keeping, copying and deleting readings; the lists of them follow. */
export function useReadingChanges() {
  const cache = useQueryClient();
  const changed = (): Promise<void> => lookAgain(cache, [READINGS]);
  return {
    /** Gives back what is wrong, or null. */
    keep: async (reading: ToKeep): Promise<string | null> => {
      const answered = await ask<KeptReading>('/api/readings', 'POST', reading);
      if (answered.kind !== 'ok') return saidOf(answered);
      toast.success(t('Saved: {body}', { body: answered.body.name }));
      await changed();
      return null;
    },
    duplicate: async ({ id }: KeptReading): Promise<void> => {
      if (isDone(await ask(`/api/readings/${id}/duplicate`, 'POST'))) await changed();
    },
    remove: ({ id, name }: KeptReading): Promise<void> =>
      remove(`/api/readings/${id}`, name, changed),
  };
}
