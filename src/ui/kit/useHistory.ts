'use client';

import { useCallback, useRef, useState, type SetStateAction } from 'react';

/** Changes nearer together than this are one step back: a drag, or a number being typed, ms. */
const ONE_STEP_MS = 700;
const MOST_STEPS = 100;

interface Steps<T> {
  past: T[];
  now: T;
  next: T[];
}

/** Something that is changed by hand, with steps back and forward through what it was. */
export function useHistory<T extends object>(first: T) {
  const [steps, setSteps] = useState<Steps<T>>({ past: [], now: first, next: [] });
  const changedAt = useRef(-Infinity);

  const set = useCallback((changed: SetStateAction<T>): void => {
    const at = performance.now();
    const sameStep = at - changedAt.current < ONE_STEP_MS;
    changedAt.current = at;
    setSteps(({ past, now }) => ({
      past: sameStep && past.length > 0 ? past : [...past.slice(1 - MOST_STEPS), now],
      now: typeof changed === 'function' ? changed(now) : changed,
      next: [],
    }));
  }, []);

  const undo = useCallback((): void => {
    changedAt.current = -Infinity;
    setSteps(({ past, now, next }) =>
      past.length === 0
        ? { past, now, next }
        : { past: past.slice(0, -1), now: past.at(-1)!, next: [now, ...next] },
    );
  }, []);

  const redo = useCallback((): void => {
    changedAt.current = -Infinity;
    setSteps(({ past, now, next }) =>
      next.length === 0
        ? { past, now, next }
        : { past: [...past, now], now: next[0]!, next: next.slice(1) },
    );
  }, []);

  return {
    now: steps.now,
    set,
    undo,
    redo,
    canUndo: steps.past.length > 0,
    canRedo: steps.next.length > 0,
  };
}
