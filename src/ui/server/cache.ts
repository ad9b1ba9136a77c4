import { QueryClient } from '@tanstack/react-query';
import { mayComeBack, RequestFailure } from './client';

/** Asked again so often while the server is away. */
const TRIES = 2;

/** What the pages fetched: shown at once where it is known, fetched again when it was changed or is looked at anew. */
export const newCache = (): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: {
        retry: (failures, error) =>
          failures < TRIES && error instanceof RequestFailure && mayComeBack(error.reply),
        refetchOnWindowFocus: false,
        networkMode: 'always',
      },
      mutations: { networkMode: 'always' },
    },
  });
