'use client';

import { useCallback, useEffect, useState } from 'react';
import { keep, keptIn, letGo } from './kept';

/** State that a reload of this tab does not lose; what is kept is laid over the start value. */
export function useKept<T extends object>(
  key: string,
  start: T,
): [value: T, change: (part: Partial<T> | ((now: T) => Partial<T>)) => void, letGo: () => void] {
  const [value, setValue] = useState(start);
  useEffect(() => {
    // After the first paint: the server knows nothing of this tab, and both must draw the same at first.
    const timer = setTimeout(() => {
      const kept = keptIn<T>(key);
      if (kept) setValue((now) => ({ ...now, ...kept }));
    }, 0);
    return () => clearTimeout(timer);
  }, [key]);
  const change = useCallback(
    (part: Partial<T> | ((now: T) => Partial<T>)): void =>
      setValue((now) => {
        const next = { ...now, ...(typeof part === 'function' ? part(now) : part) };
        keep(key, next);
        return next;
      }),
    [key],
  );
  /** Keeps nothing any more: what was kept is stored elsewhere now. */
  const forget = useCallback((): void => letGo(key), [key]);
  return [value, change, forget];
}
