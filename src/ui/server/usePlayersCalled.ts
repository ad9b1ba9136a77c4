'use client';

import { t } from '@/core/tell/language/t';
import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ChangeEvent, type KeyboardEvent } from 'react';
import { toast } from 'sonner';
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
  const isThere = useRef(false);
  useEffect(() => {
    isThere.current = true;
    return () => {
      isThere.current = false;
    };
  }, []);
  const enter = async (name: string): Promise<void> => {
    let failed: string | null = null;
    const now = await cache.fetchQuery(called(name, most)).catch((error: Error) => {
      failed = error.message;
      return null;
    });
    if (now && now.players.length > 0) return told.current(now.players);
    // Below the field it is told as well, but the field may be gone by now.
    if (!isThere.current) toast.error(failed ?? t('No player is called “{name}”.', { name }));
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
      onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        // The field's own text: a press may come before what was typed is drawn.
        const name = event.currentTarget.value.trim();
        if (name !== '') void enter(name);
      },
    },
  };
}
