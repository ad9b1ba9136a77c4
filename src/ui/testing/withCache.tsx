import { QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { newCache } from '../server/cache';

/** Gives what is inside a cache of its own, as the shell does. */
export function WithCache({ children }: { children: ReactNode }) {
  const [cache] = useState(newCache);
  return <QueryClientProvider client={cache}>{children}</QueryClientProvider>;
}
