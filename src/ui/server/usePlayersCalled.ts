'use client';

import { t } from '@/core/ground/language/t';
import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ChangeEvent, type KeyboardEvent } from 'react';
import { useDebounce } from 'use-debounce';
import type { ListedPlayer, RosterPageData } from '@/core/lesson/players/player';
import { ask, bodyOf } from './client';

const PAUSE_MS = 150;

const called = (text: string, most: number) =>
  queryOptions({
    queryKey: ['players called', text, most],
    // It is not given up when the field goes: who has pressed Enter waits for the same answer.
    queryFn: () => {
      const query = new URLSearchParams({ limit: String(most), search: text });
      return bodyOf(ask<RosterPageData>(`/api/players?${query}`, 'GET'));
    },
  });

/**
 * A field that finds players by a text in name or notes, the first so many; null while nothing is searched or was found yet.
 *
 * @param onEnter told, on Enter, who is called what stands in the field at that moment
 */
export function usePlayersCalled(
  most: number,
  onEnter: (found: readonly ListedPlayer[]) => void,
): {
  found: readonly ListedPlayer[] | null;
  fault: string | null;
  searched: boolean;
  /** To be spread over the field. */
  field: object;
} {
  const cache = useQueryClient();
  // An answer comes later: it is told to the page as it is by then, not as it was when Enter was pressed.
  const told = useRef(onEnter);
  useEffect(() => {
    told.current = onEnter;
  });
  const [search, setSearch] = useState('');
  const text = search.trim();
  const searched = text !== '';
  const [asked] = useDebounce(text, PAUSE_MS);
  const { data, error } = useQuery({
    ...called(asked, most),
    enabled: asked !== '',
    placeholderData: keepPreviousData,
  });
  const enter = async (): Promise<void> => {
    // What cannot be fetched is told below the field.
    const now = await cache.fetchQuery(called(text, most)).catch(() => null);
    if (now) told.current(now.players);
  };
  return {
    found: (searched && data?.players) || null,
    fault: (searched && error?.message) || null,
    searched,
    field: {
      type: 'search',
      'aria-label': t('Find a player'),
      placeholder: t('Find by name'),
      maxLength: 120,
      autoComplete: 'off',
      value: search,
      onChange: (event: ChangeEvent<HTMLInputElement>) => setSearch(event.target.value),
      onKeyDown: (event: KeyboardEvent) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        if (searched) void enter();
      },
    },
  };
}
