import { QueryClientProvider, type QueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { newCache } from '../server/cache';

/** Gives what is inside a cache of its own, as the shell does, or the one that a test looks into. */
export function WithCache({ children, known }: { children: ReactNode; known?: QueryClient }) {
  const [cache] = useState(() => known ?? newCache());
  return <QueryClientProvider client={cache}>{children}</QueryClientProvider>;
}
