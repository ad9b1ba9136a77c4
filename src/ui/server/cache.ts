import { notifyManager, QueryClient, type QueryKey } from '@tanstack/react-query';

/** What came with the page, or was fetched within this time, is not fetched again, ms. */
const FRESH_MS = 2_000;

// Pages hear of a change before the event that made it is over: a box that is ticked stays ticked while it is saved, where a turn
// later it would be drawn unticked in between.
notifyManager.setScheduler(queueMicrotask);

/** What the pages fetched: shown at once where it is known, and fetched again when it was changed or is looked at anew. */
export const newCache = (): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: {
        staleTime: FRESH_MS,
        // The server is on this machine: one that does not answer is said at once.
        retry: false,
        refetchOnWindowFocus: false,
        networkMode: 'always',
      },
      mutations: { networkMode: 'always' },
    },
  });

/**
 * Fetches again what was changed on the server. A look that is under way began before the change and may not know of it: it is
 * given up, also where it is the first, which invalidating alone would let stand.
 */
export async function lookAgain(cache: QueryClient, queryKey: QueryKey): Promise<void> {
  await cache.cancelQueries({ queryKey });
  await cache.invalidateQueries({ queryKey });
}
