'use client';

import { useCallback, useRef } from 'react';

/** Does one thing after the other: what is handed over begins once everything that was handed over before is done, or has failed. */
export function useTurn(): <T>(work: () => Promise<T>) => Promise<T> {
  const before = useRef<Promise<unknown>>(Promise.resolve());
  return useCallback((work) => {
    const next = before.current.then(work);
    // Whoever handed it over hears of a failure; who comes after is not kept back by it.
    before.current = next.catch(() => undefined);
    return next;
  }, []);
}
