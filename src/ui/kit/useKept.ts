'use client';

import { useCallback, useEffect, useState } from 'react';

/** State that a reload of this tab does not lose; what is kept is laid over the start value. */
export function useKept<T extends object>(
  key: string,
  start: T,
): [value: T, change: (part: Partial<T>) => void, letGo: () => void] {
  const [value, setValue] = useState(start);
  useEffect(() => {
    // After the first paint: the server knows nothing of this tab, and both must draw the same at first.
    const timer = setTimeout(() => {
      try {
        const kept: unknown = JSON.parse(sessionStorage.getItem(key) ?? 'null');
        if (kept && typeof kept === 'object') setValue((now) => ({ ...now, ...kept }));
      } catch {
        sessionStorage.removeItem(key);
      }
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
