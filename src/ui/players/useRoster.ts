'use client';

import { t } from '@/core/tell/language/t';
import { keepPreviousData, useInfiniteQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { useDebounce } from 'use-debounce';
import type { PlayerRecord } from '@/core/lesson/players/record';
import { ask, bodyOf, saidOf } from '../server/client';
import { isDone, remove } from '../server/said';
import type { ListedPlayer, PlayerOrder, RosterPageData } from '@/core/lesson/players/player';
import { lookAgain } from '../server/cache';

/** What the roster shows. */
export interface RosterView {
  search: string;
  archived: boolean;
  order: PlayerOrder;
  descending: boolean;
}

const ROSTER = 'roster';
const PAGE = 50;
const PAUSE_MS = 180;

/** A page of the roster. */
const fetchPage = (
  view: RosterView,
  offset: number,
  signal: AbortSignal,
): Promise<RosterPageData> => {
  const query = new URLSearchParams({
    search: view.search,
    archived: String(view.archived),
    order: view.order,
    descending: String(view.descending),
    offset: String(offset),
    limit: String(PAGE),
  });
  return bodyOf(ask(`/api/players?${query}`, 'GET', undefined, signal));
};

const FIRST_VIEW: RosterView = { search: '', archived: false, order: 'name', descending: false };

/** The roster as it is searched, sorted and turned over, and everything that is done to its players. */
export function useRoster(first: RosterPageData) {
  const [view, setView] = useState(FIRST_VIEW);
  const [asked] = useDebounce(view, PAUSE_MS);
  const cache = useQueryClient();
  const { data, error, fetchNextPage } = useInfiniteQuery({
    queryKey: [ROSTER, asked],
    queryFn: ({ pageParam, signal }) => fetchPage(asked, pageParam, signal),
    initialPageParam: 0,
    getNextPageParam: (_, pages) => pages.flatMap(({ players }) => players).length,
    placeholderData: keepPreviousData,
    ...(asked === FIRST_VIEW ? { initialData: { pages: [first], pageParams: [0] } } : {}),
  });
  const pages = data?.pages ?? [];
  const again = (): Promise<void> => lookAgain(cache, [ROSTER]);

  return {
    view,
    show: (change: Partial<RosterView>): void => setView((now) => ({ ...now, ...change })),
    players: pages.flatMap(({ players }) => players),
    total: pages.at(-1)?.total ?? 0,
    fault: error?.message ?? null,
    more: (): Promise<unknown> => fetchNextPage(),

    /** Saves a record, of a new player without an id; gives back what is wrong, or null. */
    save: async (record: PlayerRecord, id?: string): Promise<string | null> => {
      const answered = await (id
        ? ask(`/api/players/${id}`, 'PUT', record)
        : ask('/api/players', 'POST', record));
      if (answered.kind !== 'ok') return saidOf(answered);
      toast.success(t('Saved: {record}', { record: record.name }));
      await again();
      return null;
    },

    archive: async ({ id, name, archived }: ListedPlayer): Promise<void> => {
      const answered = await ask(`/api/players/${id}/archive`, 'POST', { archived: !archived });
      if (!isDone(answered)) return;
      toast(archived ? t('Back in the roster: {name}', { name }) : t('Archived: {name}', { name }));
      await again();
    },

    remove: ({ id, name }: ListedPlayer): Promise<void> =>
      remove(`/api/players/${id}`, name, again),
  };
}
