'use client';

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDebounce } from 'use-debounce';
import type { ListedPlayer, RosterPageData } from '@/core/lesson/players/player';
import { ask, bodyOf } from './client';

const PAUSE_MS = 150;

/** Players with a text in name or notes, the first so many; null while nothing is searched or was found yet. */
export function usePlayersCalled(
  search: string,
  most: number,
): { found: readonly ListedPlayer[] | null; fault: string | null } {
  const [asked] = useDebounce(search.trim(), PAUSE_MS);
  const { data, error } = useQuery({
    queryKey: ['players called', asked, most],
    queryFn: ({ signal }) => {
      const query = new URLSearchParams({ limit: String(most), search: asked });
      return bodyOf(ask<RosterPageData>(`/api/players?${query}`, 'GET', undefined, signal));
    },
    enabled: asked !== '',
    placeholderData: keepPreviousData,
  });
  const searched = search.trim() !== '';
  return {
    found: (searched && data?.players) || null,
    fault: (searched && error?.message) || null,
  };
}
