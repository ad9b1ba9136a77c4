'use client';

import { useCallback, useEffect, useRef } from 'react';
import { keep, keptIn, letGo } from '../kit/kept';

interface Kept {
  version: string;
}

/**
 * Which saving of a plan the changes in this tab began from: kept with them over a reload, for the page may come back with a later one.
 *
 * @param version the one that the page came with
 * @param changed whether there are changes
 * @returns the version that they began from, and a way to begin anew, from what stands or from another
 */
export function useKeptVersion(
  lessonId: string,
  version: string,
  changed: boolean,
): { from: () => string; beginFrom: (next?: string) => void } {
  const key = `mellow-plan-from/${lessonId}`;
  const base = useRef(version);
  useEffect(() => {
    if (changed && keptIn<Kept>(key) === null) {
      keep(key, { version: base.current });
    }
  }, [key, changed]);
  const from = useCallback(() => keptIn<Kept>(key)?.version ?? base.current, [key]);
  const beginFrom = useCallback(
    (next?: string): void => {
      base.current = next ?? base.current;
      letGo(key);
    },
    [key],
  );
  return { from, beginFrom };
}
