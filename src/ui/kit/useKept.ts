'use client';

import { useCallback, useEffect, useState } from 'react';

/** What is kept in this tab under a key; null when nothing usable is. */
export function keptIn<T extends object>(key: string): Partial<T> | null {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(key) ?? 'null');
    return kept && typeof kept === 'object' ? kept : null;
  } catch {
    sessionStorage.removeItem(key);
    return null;
  }
}

/** State that a reload of this tab does not lose; what is kept is laid over the start value. */
export function useKept<T extends object>(
  key: string,
  start: T,
): [value: T, change: (part: Partial<T>) => void, letGo: () => void] {
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
    (part: Partial<T>): void =>
      setValue((now) => {
        const next = { ...now, ...part };
        sessionStorage.setItem(key, JSON.stringify(next));
        return next;
      }),
    [key],
  );
  /** Keeps nothing any more: what was kept is stored elsewhere now. */
  const letGo = useCallback((): void => sessionStorage.removeItem(key), [key]);
  return [value, change, letGo];
}
