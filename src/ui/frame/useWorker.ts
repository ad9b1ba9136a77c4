'use client';

import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, type RefObject } from 'react';

/**
 * A worker that lives as long as the component.
 *
 * @param make starts it; must be the same function every time, so that the bundler sees the file's address
 * @param onFailure told when the worker itself cannot run
 */
export function useWorker<T>(
  make: () => Worker,
  onFailure?: () => void,
): RefObject<Remote<T> | null> {
  const worker = useRef<Remote<T> | null>(null);
  const failed = useRef(onFailure);
  useEffect(() => {
    failed.current = onFailure;
  });
  useEffect(() => {
    const thread = make();
    thread.onerror = () => failed.current?.();
    worker.current = wrap<T>(thread);
    return () => {
      worker.current = null;
      thread.terminate();
    };
  }, [make]);
  return worker;
}
