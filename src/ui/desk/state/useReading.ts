'use client';

import { useCallback, useRef, useState } from 'react';
import type { DeskReading } from '@/core/tell/reading/reading';

/** Changes nearer together than this are one step back: a drag, or a number being typed, ms. */
const ONE_STEP_MS = 700;
const MOST_STEPS = 100;

interface History {
  past: DeskReading[];
  now: DeskReading;
  next: DeskReading[];
}

/** The reading that stands, with steps back and forward through what it was. */
export function useReading(first: DeskReading) {
  const [history, setHistory] = useState<History>({ past: [], now: first, next: [] });
  const changedAt = useRef(-Infinity);

  const setReading = useCallback((reading: DeskReading): void => {
    const at = performance.now();
    const sameStep = at - changedAt.current < ONE_STEP_MS;
    changedAt.current = at;
    setHistory(({ past, now }) => ({
      past: sameStep && past.length > 0 ? past : [...past.slice(1 - MOST_STEPS), now],
      now: reading,
      next: [],
    }));
  }, []);

  const undo = useCallback((): void => {
    changedAt.current = -Infinity;
    setHistory(({ past, now, next }) =>
      past.length === 0
        ? { past, now, next }
        : { past: past.slice(0, -1), now: past.at(-1)!, next: [now, ...next] },
    );
  }, []);

  const redo = useCallback((): void => {
    changedAt.current = -Infinity;
    setHistory(({ past, now, next }) =>
      next.length === 0
        ? { past, now, next }
        : { past: [...past, now], now: next[0]!, next: next.slice(1) },
    );
  }, []);

  return {
    reading: history.now,
    setReading,
    undo,
    redo,
    canUndo: history.past.length > 0,
    canRedo: history.next.length > 0,
  };
}
